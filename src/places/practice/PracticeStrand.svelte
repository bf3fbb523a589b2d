<script lang="ts">
	import { COARSENESS } from '../../charts/strand/coarseness';
	import Strand from '../../charts/strand/Strand.svelte';
	import { rgbOf, seenWithout, type Lab } from '../../core/colour';
	import { underLight, type LightName, type ShownStrand } from '../../core/practice';
	import type { Eye } from '../../wording/practice';

	interface Props {
		strand: ShownStrand;
		light?: LightName;
		eye?: Eye;
		label: string;
		hanging?: boolean;
	}
	let { strand, light = 'daylight', eye = 'usual', label, hanging = false }: Props = $props();
	const seen = (lab: Lab) => {
		const lit = underLight(lab, light);
		return rgbOf(eye === 'usual' ? lit : seenWithout(lit, eye));
	};
	const colours = $derived({ hair: strand.labs.map(seen) });
</script>

<span class="flex h-full w-full items-center justify-center">
	<span
		class={['block', hanging ? 'h-full' : 'w-full']}
		style:width={hanging ? `${100 * strand.breadth}%` : undefined}
		style:height={hanging ? undefined : `${100 * strand.breadth}%`}
	>
		<Strand
			{colours}
			seed={strand.seed}
			coarseness={COARSENESS[strand.texture]}
			{label}
			{hanging}
		/>
	</span>
</span>

<script lang="ts">
	import { COARSENESS } from '../../charts/strand/coarseness';
	import Strand from '../../charts/strand/Strand.svelte';
	import { rgbOf, type Lab } from '../../core/colour';
	import { underLight, type LightName, type ShownStrand } from '../../core/practice';
	import { eyes } from '../../state/eyes.svelte';

	interface Props {
		strand: ShownStrand;
		light?: LightName;
		label: string;
		hanging?: boolean;
	}
	let { strand, light = 'daylight', label, hanging = false }: Props = $props();
	const seen = (lab: Lab) => rgbOf(eyes.sees(underLight(lab, light)));
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

<script lang="ts">
	import Strand from '../../charts/strand/Strand.svelte';
	import { hexOf } from '../../core/colour';
	import { formatLevel } from '../../core/hair';
	import { labOfFibre } from '../../core/lift';
	import type { ZoneName } from '../../schema/records';
	import { useVisit } from '../../state/visitContext';

	interface Props {
		/** The zone that is being read. */
		zone: ZoneName;
		onpick: (zone: ZoneName) => void;
	}
	let { zone, onpick }: Props = $props();
	const session = useVisit();
	const view = $derived(session.view);
	const length = $derived(view.reading.lengthCm);
	const share = (cm: number) => `${(100 * cm) / length}%`;
</script>

<div class="relative h-24 @max-narrow:h-19">
	<Strand colours={view.nowColours} label="now: {formatLevel(view.nowLevel)}" />
	{#each view.zones as { name, fromCm, toCm, fibre } (name)}
		<!-- Pointing is one way to choose a zone; the list of zones below is the one for keys. -->
		<div
			class={[
				'absolute top-0 bottom-0 cursor-pointer border-b-4',
				name === zone ? 'border-on-field' : 'border-transparent'
			]}
			style:left={share(fromCm)}
			style:width={share(toCm - fromCm)}
			role="presentation"
			data-zone={name}
			title="{name} {hexOf(labOfFibre(fibre, view.reading.whiteShare))}"
			onclick={() => onpick(name)}
		></div>
	{/each}
</div>

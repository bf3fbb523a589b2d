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

<div class="strand">
	<Strand colours={view.nowColours} label="now: {formatLevel(view.nowLevel)}" />
	{#each view.zones as { name, fromCm, toCm, fibre } (name)}
		<!-- Pointing is one way to choose a zone; the list of zones below is the one for keys. -->
		<div
			class="zone"
			class:here={name === zone}
			style:left={share(fromCm)}
			style:width={share(toCm - fromCm)}
			role="presentation"
			data-zone={name}
			title="{name} {hexOf(labOfFibre(fibre, view.reading.whiteShare))}"
			onclick={() => onpick(name)}
		></div>
	{/each}
</div>

<style>
	.strand {
		position: relative;
		height: 96px;
	}
	.zone {
		position: absolute;
		top: 0;
		bottom: 0;
		border-bottom: 4px solid transparent;
		cursor: pointer;
	}
	.here {
		border-bottom-color: var(--on-field);
	}
	@media (max-width: 760px) {
		.strand {
			height: 74px;
		}
	}
</style>

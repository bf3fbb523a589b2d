<script lang="ts">
	import type { Snippet } from 'svelte';
	import HeadMap from '../charts/head/HeadMap.svelte';
	import type { AreaName } from '../core/lift';
	import { useVisit } from '../state/visitContext';
	import type { LiftPlan } from '../schema/records';
	import { partWords } from '../wording/part';
	import { areaWords } from '../wording/words';

	interface Props {
		/** Colour of the hair of every area. */
		colours: Record<AreaName, string>;
		/** The part of the head that is worked alone. */
		part?: LiftPlan['part'];
		/** Colour of the hair outside it. */
		bare?: Record<AreaName, string>;
		children: Snippet;
	}
	let { colours, part, bare, children }: Props = $props();
	const session = useVisit();
</script>

<div class="head-field">
	<div class="map">
		<HeadMap
			{colours}
			chosen={session.areas}
			{part}
			{bare}
			label="Map of the head: {areaWords(session.areas)}{part
				? `; worked: ${partWords(part)}`
				: ''}"
			ontoggle={(area) => session.toggleArea(area)}
		/>
	</div>
	<div class="strands">{@render children()}</div>
</div>

<style>
	.head-field {
		display: grid;
		grid-template-columns: 372px minmax(0, 1fr);
		gap: 0 26px;
		align-items: center;
	}
	.strands {
		min-width: 0;
	}
	@media (max-width: 1100px) {
		.head-field {
			grid-template-columns: 268px minmax(0, 1fr);
			gap: 0 16px;
		}
	}
	@media (max-width: 760px) {
		.head-field {
			grid-template-columns: minmax(0, 1fr);
			gap: 10px;
		}
		.map {
			max-width: 360px;
		}
	}
</style>

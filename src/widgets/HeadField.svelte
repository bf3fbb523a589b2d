<script lang="ts">
	import type { Snippet } from 'svelte';
	import HeadMap from '../charts/head/HeadMap.svelte';
	import type { AreaName } from '../core/lift';
	import { useVisit } from '../state/visitContext';
	import { areaWords } from '../wording/words';

	interface Props {
		/** Colour of the hair of every area. */
		colours: Record<AreaName, string>;
		children: Snippet;
	}
	let { colours, children }: Props = $props();
	const session = useVisit();
</script>

<div class="head-field">
	<div class="map">
		<HeadMap
			{colours}
			chosen={session.areas}
			label="Map of the head: {areaWords(session.areas)}"
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

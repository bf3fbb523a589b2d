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

<div
	class="grid grid-cols-[372px_minmax(0,1fr)] items-center gap-x-6 max-desk:grid-cols-[268px_minmax(0,1fr)] max-desk:gap-x-4 max-desk:gap-y-0 max-tablet:grid-cols-1 max-tablet:gap-2"
>
	<div class="max-tablet:max-w-90">
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
	<div class="min-w-0">{@render children()}</div>
</div>

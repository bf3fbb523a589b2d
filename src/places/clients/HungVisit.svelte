<script lang="ts">
	import Strand from '../../charts/strand/Strand.svelte';
	import { formatLevel } from '../../core/hair';
	import { readColours } from '../../model/clientRows';
	import type { Visit } from '../../schema/records';
	import { useClock } from '../../state/clock.svelte';
	import { endExpected } from '../../state/endExpected';
	import { openVisit } from '../../state/openVisit';
	import { useRecords } from '../../state/records';
	import { formatDate } from '../../wording/words';

	interface Props {
		visit: Visit;
		x: number;
		/** Of the longest hair that hangs here, px a centimetre. */
		scale: number;
		width: number;
		seed: number;
		chosen: boolean;
		onchoose: () => void;
	}
	let { visit, x, scale, width, seed, chosen, onchoose }: Props = $props();
	// svelte-ignore state_referenced_locally
	// Visits are keyed by what they go by.
	const session = openVisit(useRecords().workspace, useClock(), visit.id);
	const level = $derived(visit.result.level ?? endExpected(session).toned);
	const height = $derived(Math.max(28, visit.reading.lengthCm * scale));
</script>

<button
	class={[
		'absolute top-0 flex justify-center gap-px border-t-4 pt-1 outline-offset-2',
		chosen ? 'border-on-field' : 'border-transparent'
	]}
	style:left="{x - width}px"
	style:width="{width}px"
	aria-pressed={chosen}
	aria-label="{formatDate(visit.date)}: {formatLevel(session.head.nowLevel)} to {formatLevel(
		level
	)}"
	onclick={onchoose}
>
	<span class="block" style:width="{width * 0.42}px" style:height="{height}px"
		><Strand hanging {seed} colours={readColours(visit.reading)} label="" /></span
	>
	<span class="block" style:width="{width * 0.5}px" style:height="{height}px"
		><Strand hanging seed={seed + 1} colours={session.head.tonedColours} label="" /></span
	>
</button>

<script lang="ts">
	import type { Lab } from '../../core/colour';
	import { formatLevel } from '../../core/hair';
	import { labOfFibre } from '../../core/lift';
	import { coloursOf, seenFibre, seenLab, uniform } from '../../model/head/hair';
	import { keyOf } from '../../state/runningView.svelte';
	import { useVisit } from '../../state/visitContext';
	import StrandRow from '../../widgets/StrandRow.svelte';
	import type { ChairRun } from './chairRun.svelte';
	import SectionLocks from './SectionLocks.svelte';

	interface Props {
		service: ChairRun;
		/** Whole minutes on the timer. */
		minute: number;
		/** What the zone that the figures speak of should have come to. */
		expected: { readonly level: number; readonly lab: Lab };
	}
	let { service, minute, expected }: Props = $props();
	const session = useVisit();
	const readyLab = $derived(labOfFibre(seenFibre(session.head.reading, session.head.target)));
	const seen = $derived(session.head.seen);
</script>

{#if service.head}
	<SectionLocks
		sections={service.head.sections}
		nameOf={service.nameOf}
		minute={service.minute}
		chosen={service.looked && keyOf(service.looked)}
		ready={{ level: session.head.target, lab: readyLab }}
		onchoose={(key) => service.point(key)}
	/>
{:else}
	<StrandRow
		name="expected"
		strong
		colours={coloursOf(session.head.liftedAt(minute), session.head.reading.whiteShare)}
		value={formatLevel(expected.level)}
		lab={expected.lab}
		height={92}
	/>
	<StrandRow
		name="ready"
		colours={uniform(readyLab)}
		value={formatLevel(session.head.target)}
		lab={readyLab}
		height={38}
	/>
{/if}
{#if seen}
	<StrandRow
		name="seen"
		colours={uniform(seenLab(session.head.reading, seen.level, seen.undertone))}
		value={formatLevel(seen.level)}
		words="{seen.undertone ?? ''} at {seen.minute} min"
		height={38}
	/>
{/if}

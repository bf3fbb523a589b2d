<script lang="ts">
	import { useClock } from '../../state/clock.svelte';
	import ClockChart from '../../charts/clock/ClockChart.svelte';
	import type { ClockItem, Staging } from '../../core/work';
	import TextButton from '../../ui/TextButton.svelte';
	import { RunTimer } from '../../state/runTimer.svelte';
	import { useVisit } from '../../state/visitContext';
	import { clockItemWords, clockSubjectWords, sectionNamer } from '../../wording/bowls';
	import { clockRows } from './clockRows';
	import { startOf } from '../../model/visit/when';
	import { timeOf } from '../../wording/words';

	interface Props {
		staging: Staging;
		/** The head with a section late, shown instead; the plan stands behind it in outline. */
		late: Staging | undefined;
	}
	let { staging, late }: Props = $props();
	const session = useVisit();
	const start = $derived(startOf(session.visit));
	const shown = $derived(late ?? staging);
	const clock = $derived(session.bowls.clockOf(shown));
	const nameOf = $derived(sectionNamer(session.bowls.sections.map(({ section }) => section)));
	const kindOf = $derived(
		(step: string) =>
			[...session.visit.before, ...session.visit.after].find(({ id }) => id === step)?.kind
	);
	const about = $derived((item: ClockItem) => clockSubjectWords(item, nameOf, kindOf));
	const rows = $derived(clockRows(clock, shown, about));
	const before = $derived(late && clockRows(session.bowls.clockOf(staging), staging, about));
	const wall = useClock();
	const timer = new RunTimer(wall);
	$effect(() => (session.visit.run.runningSince ? wall.run() : undefined));
	const now = $derived(
		session.visit.run.startedAt ? timer.seconds(session.visit.run) / 60 : undefined
	);
	let asTable = $state(false);
	const time = (minute: number) => timeOf(start, minute);
</script>

<div class="absolute -top-12 right-0">
	<TextButton pressed={asTable} onclick={() => (asTable = !asTable)}
		>{asTable ? 'As a picture' : 'As a table'}</TextButton
	>
</div>
{#if asTable}
	{#await import('./ClockTable.svelte') then { default: ClockTable }}
		<ClockTable {clock} timeOf={time} wordsOf={(item) => clockItemWords(item, nameOf, kindOf)} />
	{/await}
{:else}
	<ClockChart {rows} {before} {now} timeOf={time} label="Who does what when" />
{/if}

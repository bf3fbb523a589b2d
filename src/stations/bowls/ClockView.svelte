<script lang="ts">
	import ClockChart from '../../charts/clock/ClockChart.svelte';
	import type { Staging } from '../../core/work';
	import TextButton from '../../ui/TextButton.svelte';
	import { elapsedSeconds, Ticker } from '../../state/runClock.svelte';
	import { useVisit } from '../../state/context';
	import { clockRows } from './clockRows';
	import { startOf, timeOf } from '../../model/visit/when';

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
	const rows = $derived(clockRows(clock, shown));
	const before = $derived(late && clockRows(session.bowls.clockOf(staging), staging));
	const ticker = new Ticker();
	$effect(() => (session.visit.run.runningSince ? ticker.run() : undefined));
	const now = $derived(
		session.visit.run.startedAt ? elapsedSeconds(session.visit.run, ticker.now) / 60 : undefined
	);
	let asTable = $state(false);
	const time = (minute: number) => timeOf(start, minute);
</script>

<div class="tools">
	<TextButton pressed={asTable} onclick={() => (asTable = !asTable)}
		>{asTable ? 'As a picture' : 'As a table'}</TextButton
	>
</div>
{#if asTable}
	<div class="table">
		<table>
			<caption class="visually-hidden">Who does what when</caption>
			<thead>
				<tr><th>From</th><th>To</th><th>Who</th><th>What</th></tr>
			</thead>
			<tbody>
				{#each clock.items as item, i (i)}
					<tr
						><td>{time(item.fromMinute)}</td><td>{time(item.toMinute)}</td><td>{item.who}</td><td
							>{item.what === 'consult' || item.what === 'finish'
								? ''
								: `${item.what} `}{item.of}</td
						></tr
					>
				{/each}
			</tbody>
		</table>
	</div>
{:else}
	<ClockChart {rows} {before} {now} timeOf={time} label="Who does what when" />
{/if}

<style>
	.tools {
		position: absolute;
		top: -46px;
		right: 0;
	}
	.table {
		overflow-y: auto;
	}
	table {
		border-collapse: collapse;
		width: 100%;
	}
	th,
	td {
		text-align: left;
		padding: 5px 14px 5px 0;
		border-bottom: 1px solid var(--line);
	}
	th {
		color: var(--ink-soft);
		font-weight: 400;
	}
</style>

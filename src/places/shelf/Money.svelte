<script lang="ts">
	import type { MonthMoney } from '../../model/shelf/stock';
	import type { Shelf } from '../../schema/records';
	import Table from '../../ui/Table.svelte';
	import type { TableColumn } from '../../ui/table';
	import { formatHours, formatMonth, formatPrice, overWords } from '../../wording/words';

	interface Props {
		months: readonly MonthMoney[];
		shelf: Shelf;
	}
	let { months, shelf }: Props = $props();
	const money = (value: number) => formatPrice(value, shelf);
	const columns: readonly TableColumn<MonthMoney>[] = [
		{
			id: 'month',
			head: 'Month',
			value: ({ month }) => month,
			track: 'minmax(126px,1fr)',
			fixed: true
		},
		{ id: 'visits', head: 'Visits', value: ({ visits }) => visits, track: '52px', end: true },
		{
			id: 'hours',
			head: 'At the chair',
			value: ({ minutes }) => minutes,
			track: '88px',
			end: true
		},
		{
			id: 'over',
			head: 'A visit, to its plan',
			value: ({ overMinutes }) => overMinutes,
			track: '128px',
			end: true
		},
		{ id: 'asked', head: 'Asked', value: ({ asked }) => asked, track: '76px', end: true },
		{
			id: 'materials',
			head: 'Materials',
			value: ({ materials }) => materials,
			track: '76px',
			end: true
		},
		{
			id: 'hour',
			head: 'An hour earned',
			value: ({ hourEarned }) => hourEarned,
			track: '108px',
			end: true
		}
	];
</script>

{#if months.length > 0}
	<section class="mt-6 border-t border-line pt-4" aria-labelledby="money">
		<h2 id="money" class="pb-1 text-18">Month by month</h2>
		<Table label="Month by month" rows={months} {columns} keyOf={({ month }) => month}>
			{#snippet cell(row, column)}
				{#if column === 'month'}<b>{formatMonth(`${row.month}-01`)}</b>
				{:else if column === 'visits'}{row.visits}
				{:else if column === 'hours'}{row.minutes > 0 ? formatHours(row.minutes) : '–'}
				{:else if column === 'over'}{row.overMinutes === undefined
						? '–'
						: overWords(row.overMinutes)}
				{:else if column === 'asked'}{row.askedVisits > 0 ? money(row.asked) : '–'}
				{:else if column === 'materials'}{row.materials > 0 ? money(row.materials) : '–'}
				{:else}{row.hourEarned === undefined ? '–' : money(row.hourEarned)}{/if}
			{/snippet}
		</Table>
	</section>
{/if}

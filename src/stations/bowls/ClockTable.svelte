<script lang="ts">
	import type { ServiceClock } from '../../core/work';
	import Table from '../../ui/Table.svelte';
	import type { TableColumn } from '../../ui/table';

	interface Props {
		clock: ServiceClock;
		timeOf: (minute: number) => string;
		wordsOf: (item: ServiceClock['items'][number]) => string;
	}
	let { clock, timeOf, wordsOf }: Props = $props();
	interface Row {
		readonly key: string;
		readonly from: number;
		readonly to: number;
		readonly who: string;
		readonly what: string;
	}
	const rows: Row[] = $derived(
		clock.items.map((item, i) => ({
			key: String(i),
			from: item.fromMinute,
			to: item.toMinute,
			who: item.who,
			what: wordsOf(item)
		}))
	);
	const COLUMNS: readonly TableColumn<Row>[] = [
		{ id: 'from', head: 'From', value: ({ from }) => from, track: '64px', fixed: true },
		{ id: 'to', head: 'To', value: ({ to }) => to, track: '64px' },
		{ id: 'who', head: 'Who', value: ({ who }) => who, track: '96px' },
		{ id: 'what', head: 'What', value: ({ what }) => what, track: 'minmax(0,1fr)' }
	];
</script>

<Table
	label="Who does what when"
	{rows}
	columns={COLUMNS}
	keyOf={({ key }) => key}
	sortedBy={{ id: 'from' }}
>
	{#snippet cell({ from, to, who, what }, column)}
		{#if column === 'from'}{timeOf(from)}
		{:else if column === 'to'}{timeOf(to)}
		{:else}{column === 'who' ? who : what}{/if}
	{/snippet}
</Table>

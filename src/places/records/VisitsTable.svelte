<script lang="ts">
	import { formatLevel } from '../../core/hair';
	import type { VisitCard } from '../../model/index/card';
	import { useRecords } from '../../state/records';
	import type { TableColumn } from '../../ui/table';
	import FoundTable from '../../widgets/FoundTable.svelte';
	import { formatDate } from '../../wording/words';

	const { workspace } = useRecords();
	const STATUS = { waiting: 'waiting', inChair: 'in the chair', done: 'done' } as const;
	const visits = $derived([...workspace.cards.values()]);
	const nameOf = ({ clientId }: VisitCard) =>
		workspace.clients.get(clientId)?.name ?? 'Unknown client';
	const COLUMNS: readonly TableColumn<VisitCard>[] = [
		{ id: 'date', head: 'Day', value: ({ date }) => date, track: '112px', fixed: true },
		{ id: 'client', head: 'Client', value: nameOf, track: 'minmax(120px,1.4fr)' },
		{ id: 'status', head: 'Stands', value: ({ status }) => STATUS[status], track: '92px' },
		{
			id: 'natural',
			head: 'From',
			value: ({ naturalLevel }) => naturalLevel,
			track: '52px',
			end: true
		},
		{ id: 'aim', head: 'Aim', value: ({ aim }) => aim.level, track: '116px' },
		{
			id: 'seen',
			head: 'Seen at the end',
			value: ({ seen }) => seen,
			track: '72px',
			end: true
		},
		{
			id: 'colourist',
			head: 'Colourist',
			value: ({ colourist }) => colourist || undefined,
			track: 'minmax(80px,1fr)'
		}
	];
</script>

<FoundTable
	label="Visits"
	find="Client, day, colourist or note"
	textOf={(visit) =>
		`${nameOf(visit)} ${visit.date} ${formatDate(visit.date)} ${visit.colourist} ${visit.notes ?? ''}`}
	rows={visits}
	columns={COLUMNS}
	keyOf={({ id }) => id}
	hrefOf={({ id, status }) => `/visit/${id}/${status === 'done' ? 'send-off' : 'read'}`}
	sortedBy={{ id: 'date', desc: true }}
>
	{#snippet cell(visit, column)}
		{#if column === 'date'}{formatDate(visit.date)}
		{:else if column === 'client'}<b>{nameOf(visit)}</b>
		{:else if column === 'status'}{STATUS[visit.status]}
		{:else if column === 'natural'}{formatLevel(visit.naturalLevel)}
		{:else if column === 'aim'}<b class="figure">{formatLevel(visit.aim.level)}</b>
			{visit.aim.direction}
		{:else if column === 'seen'}<b class="figure"
				>{visit.seen === undefined ? '' : formatLevel(visit.seen)}</b
			>
		{:else}<span class="text-ink-soft">{visit.colourist}</span>{/if}
	{/snippet}
</FoundTable>

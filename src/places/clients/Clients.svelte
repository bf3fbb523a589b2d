<script lang="ts">
	import { formatLevel } from '../../core/hair';
	import { clientRows, type ClientRow } from '../../model/clientRows';
	import { useRecords } from '../../state/records';
	import Button from '../../ui/Button.svelte';
	import type { TableColumn } from '../../ui/table';
	import FoundTable from '../../widgets/FoundTable.svelte';
	import NewVisit from '../../widgets/NewVisit.svelte';
	import ReadStrand from './ReadStrand.svelte';
	import PlaceHead from '../../widgets/PlaceHead.svelte';
	import { formatDate } from '../../wording/words';

	const { workspace } = useRecords();
	let starting = $state(false);
	const all = $derived(clientRows(workspace.clients.values(), workspace.cards.values()));
	const COLUMNS: readonly TableColumn<ClientRow>[] = [
		{
			id: 'name',
			head: 'Head',
			value: ({ client }) => client.name,
			track: 'minmax(150px,1.2fr)',
			fixed: true
		},
		{
			id: 'hair',
			head: 'Natural level, hair as read',
			value: ({ last }) => last?.naturalLevel,
			track: 'minmax(128px,1fr)'
		},
		{ id: 'aim', head: 'Goes to', value: ({ last }) => last?.aim.level, track: '92px' },
		{ id: 'date', head: 'Last visit', value: ({ last }) => last?.date, track: '104px' },
		{ id: 'visits', head: 'Visits', value: ({ visits }) => visits, track: '48px', end: true },
		{
			id: 'note',
			head: 'Note',
			value: ({ client }) => client.note || undefined,
			track: 'minmax(96px,1.4fr)'
		}
	];
</script>

<PlaceHead title="{all.length} client{all.length === 1 ? '' : 's'}">
	<Button primary onclick={() => (starting = true)}>New visit</Button>
</PlaceHead>

{#if all.length === 0}
	<p class="text-ink-soft">
		Every head you have read stands here, with what it did. Begin a visit to add the first.
	</p>
{:else}
	<FoundTable
		label="Clients"
		find="Part of a name or a note"
		textOf={({ client: { name, contact, note } }) => `${name} ${contact} ${note}`}
		rows={all}
		columns={COLUMNS}
		keyOf={({ client }) => client.id}
		hrefOf={({ client }) => `/clients/${client.id}`}
		sortedBy={{ id: 'name' }}
	>
		{#snippet cell({ client, last, visits }, column)}
			{#if column === 'name'}
				<span class="figure text-18 leading-tight">{client.name}</span>
			{:else if column === 'hair'}
				{#if last}
					<span class="flex items-center gap-2 bg-field px-2 py-1 text-on-field">
						<b class="w-7 figure text-15">{formatLevel(last.naturalLevel)}</b>
						<span class="block h-9 min-w-20 flex-1"
							><ReadStrand visitId={last.id} of={client} /></span
						>
					</span>
				{:else}<span class="text-ink-soft">not read yet</span>{/if}
			{:else if column === 'aim'}
				{#if last}<b class="figure">{formatLevel(last.aim.level)}</b> {last.aim.direction}{/if}
			{:else if column === 'date'}
				{#if last}{formatDate(last.date)}<span class="block text-13 leading-close text-ink-soft"
						>{last.isRecorded ? 'recorded' : 'open'}</span
					>{/if}
			{:else if column === 'visits'}{visits}
			{:else}<span class="line-clamp-2 text-14 text-ink-soft">{client.note}</span>{/if}
		{/snippet}
	</FoundTable>
{/if}
<NewVisit open={starting} onclose={() => (starting = false)} />

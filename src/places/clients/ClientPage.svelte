<script lang="ts">
	import { formatDate } from '../../wording/words';
	import { BOUNDS } from '../../core/vocabulary';
	import { removeClient } from '../../model/commands/remove';
	import { useClock } from '../../state/clock.svelte';
	import { goto } from '$app/navigation';
	import { say } from '../../ui/say.svelte';
	import { useRecords } from '../../state/records';
	import { exportRecords } from '../../store/transfer';
	import type { Client } from '../../schema/records';
	import Button from '../../ui/Button.svelte';
	import NumberField from '../../ui/NumberField.svelte';
	import TextField from '../../ui/TextField.svelte';
	import Tick from '../../ui/Tick.svelte';
	import DayRow from '../../widgets/VisitRow.svelte';
	import PlaceHead from '../../widgets/PlaceHead.svelte';
	import { downloadRecords } from '../../widgets/downloadRecords';
	import { beginVisit } from '../../model/commands/newVisit';

	interface Props {
		id: string;
	}
	let { id }: Props = $props();
	const { workspace } = useRecords();
	const clock = useClock();
	// The page is shown while the client is in the records.
	const client = $derived(workspace.clients.get(id)!);
	const visits = $derived(workspace.visitsOf(client.id));
	/** Each row works out a whole visit, so a long history is shown in parts. */
	const PAGE = 12;
	let shown = $state(PAGE);

	const put = (change: Partial<Client>) =>
		workspace.transact(`client ${Object.keys(change).join(', ')}`, (draft) =>
			Object.assign(draft.client(id), change)
		);

	function begin() {
		const visit = beginVisit(client, visits, workspace.shelf, clock.moment());
		workspace.transact('new visit', (draft) => draft.put(visit));
		void goto(`/visit/${visit.id}/read`);
	}
	async function remove() {
		// What is shown goes with the page.
		const gone = { id, name: client.name };
		const own = visits;
		await goto('/clients');
		const step = workspace.transact(`${gone.name} removed`, (draft) =>
			removeClient(draft, gone, own)
		);
		say(`${gone.name} and ${own.length} visit${own.length === 1 ? '' : 's'} removed.`, () =>
			workspace.undo(step)
		);
	}
	const save = async () =>
		downloadRecords(await exportRecords(workspace, clock.now(), id), client.name);
</script>

<PlaceHead title={client.name}>
	<Button onclick={() => void save()}>Export</Button>
	<Button onclick={() => void remove()}>Remove</Button>
	<Button primary onclick={begin}>New visit</Button>
</PlaceHead>
<div class="mb-3 grid grid-cols-[repeat(auto-fill,minmax(200px,1fr))] items-end gap-x-6 gap-y-3">
	<TextField
		label="Name"
		value={client.name}
		oninput={(v) => v.trim() && put({ name: v.slice(0, 120) })}
	/>
	<TextField
		label="Contact"
		value={client.contact}
		oninput={(v) => put({ contact: v.slice(0, 200) })}
	/>
	<NumberField
		label="Washes a week"
		value={client.washesPerWeek}
		{...BOUNDS.washesPerWeek}
		step={0.5}
		onchange={(v) => put({ washesPerWeek: v })}
	/>
	<Tick
		label="Under sixteen"
		checked={client.underSixteen}
		onchange={(v) => put({ underSixteen: v })}
	/>
</div>
<TextField long label="Note" value={client.note} oninput={(v) => put({ note: v.slice(0, 4000) })} />
<p class="mt-2 text-ink-soft">
	Patch tests: {client.patchTests.length === 0
		? 'none on record'
		: client.patchTests
				.map(({ date, reacted }) => `${formatDate(date)} ${reacted ? 'reacted' : 'clean'}`)
				.join(', ')}
</p>

<h2 class="mt-6 mb-1.5 text-15">Visits</h2>
{#if visits.length === 0}
	<p class="text-ink-soft">No visit yet.</p>
{:else}
	<ul>
		{#each visits.slice(0, shown) as visit (visit.id)}<DayRow {visit} dated />{/each}
	</ul>
	{#if visits.length > shown}
		<Button onclick={() => (shown += PAGE)}>Show earlier visits</Button>
	{/if}
{/if}

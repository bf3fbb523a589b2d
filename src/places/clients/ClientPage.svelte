<script lang="ts">
	import { removeClient } from '../../model/commands/remove';
	import { useClock } from '../../state/clock.svelte';
	import { goto } from '$app/navigation';
	import { say } from '../../ui/say.svelte';
	import { useRecords } from '../../state/records';
	import { exportRecords } from '../../store/transfer';
	import Button from '../../ui/Button.svelte';
	import Menu from '../../ui/Menu.svelte';
	import DayRow from '../../widgets/VisitRow.svelte';
	import PlaceHead from '../../widgets/PlaceHead.svelte';
	import { downloadRecords } from '../../widgets/downloadRecords';
	import { beginVisit } from '../../model/commands/newVisit';
	import { visitsWords } from '../../wording/client';
	import ClientFacts from './ClientFacts.svelte';

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
	const ACTS = [{ id: 'remove', label: 'Remove client' }] as const;
</script>

<PlaceHead title={client.name} above={visitsWords(visits, clock.today)}>
	<Menu label="More" items={ACTS} onpick={() => void remove()} />
	<Button onclick={() => void save()}>Export</Button>
	<Button primary onclick={begin}>New visit</Button>
</PlaceHead>

<!-- The hair first, visit by visit; what is known of the person stands beside it. -->
<div class="@container">
	<div class="grid gap-x-10 gap-y-6 @wide:grid-cols-[minmax(0,1fr)_260px]">
		<section aria-labelledby="visits" class="min-w-0">
			<h2 id="visits" class="sr-only">Visits</h2>
			{#if visits.length === 0}
				<p class="border-t border-line pt-3 text-ink-soft">
					No visit yet. The first one reads the hair, and it stands here.
				</p>
			{:else}
				<ul>
					{#each visits.slice(0, shown) as visit (visit.id)}<DayRow {visit} dated />{/each}
				</ul>
				{#if visits.length > shown}
					<Button onclick={() => (shown += PAGE)}>Show earlier visits</Button>
				{/if}
			{/if}
		</section>
		<ClientFacts {client} />
	</div>
</div>

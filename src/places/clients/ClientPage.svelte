<script lang="ts">
	import { goto } from '$app/navigation';
	import { beginVisit } from '../../model/commands/newVisit';
	import { removeClient } from '../../model/commands/remove';
	import { picturesOf } from '../../model/visit/pictures';
	import { useClock } from '../../state/clock.svelte';
	import { useRecords } from '../../state/records';
	import { keysOfClient } from '../../store/exportFile';
	import Button from '../../ui/Button.svelte';
	import Menu from '../../ui/Menu.svelte';
	import { say } from '../../ui/say.svelte';
	import PlaceHead from '../../widgets/PlaceHead.svelte';
	import PlanStands from '../../widgets/PlanStands.svelte';
	import WhenRead from '../../widgets/WhenRead.svelte';
	import VisitRow from '../../widgets/VisitRow.svelte';
	import { downloadRecords } from '../../widgets/downloadRecords';
	import { visitsWords } from '../../wording/client';
	import ClientFacts from './ClientFacts.svelte';
	import HeadOverYears from './HeadOverYears.svelte';
	import MergeSheet from './MergeSheet.svelte';
	import PrivacyNote from './PrivacyNote.svelte';
	import VisitTold from './VisitTold.svelte';

	interface Props {
		id: string;
	}
	let { id }: Props = $props();
	const { workspace } = useRecords();
	const clock = useClock();
	// The page is shown while the client is in the records.
	const client = $derived(workspace.clients.get(id)!);
	const visits = $derived(workspace.visitsOf(client.id));
	/** The same as far as it is known without reading them, newest first. */
	const cards = $derived([...workspace.cards.of(id)].sort((p, q) => q.date.localeCompare(p.date)));
	const recorded = $derived(visits.filter(({ result }) => result.recordedAt !== undefined));
	/** What is still to come, or was begun and not closed: the next steps. */
	const open = $derived(
		visits.filter(({ result }) => result.recordedAt === undefined).toReversed()
	);
	let chosenId = $state<string>();
	const chosen = $derived(recorded.find((visit) => visit.id === chosenId) ?? recorded[0]);
	const pictures = $derived(new Set(visits.flatMap(picturesOf)).size);
	let merging = $state(false);

	async function begin() {
		await workspace.readVisitsOf(id);
		const visit = beginVisit(client, visits, workspace.shelf, clock.moment());
		workspace.transact('new visit', (draft) => draft.put(visit));
		void goto(`/visit/${visit.id}/read`);
	}
	async function remove() {
		await workspace.readVisitsOf(id);
		// What is shown goes with the page.
		const gone = { id, name: client.name };
		const own = visits;
		await goto('/clients');
		const step = workspace.transact(`${gone.name} removed`, (draft) =>
			removeClient(draft, gone, own, [...workspace.trials.values()])
		);
		say(`${gone.name} and ${own.length} visit${own.length === 1 ? '' : 's'} removed.`, () =>
			workspace.undo(step)
		);
	}
	async function save() {
		await workspace.readVisitsOf(id);
		const keys = keysOfClient(id, visits, workspace.trials.values());
		await downloadRecords(workspace, clock.moment(), client.name, keys);
	}
	const ACTS = [
		{ id: 'merge', label: 'Merge with another record' },
		{ id: 'remove', label: 'Remove client' }
	] as const;
</script>

<PlaceHead title={client.name} above={visitsWords(cards, clock.today)}>
	<Menu
		label="More"
		items={ACTS}
		onpick={(act) => (act === 'merge' ? (merging = true) : void remove())}
	/>
	<Button onclick={() => void save()}>Export</Button>
	<Button primary onclick={() => void begin()}>New visit</Button>
</PlaceHead>

<!-- The hair first, over the years; what is known of the person stands beside it. -->
<div class="@container">
	<div class="grid gap-x-10 gap-y-6 @wide:grid-cols-[minmax(0,1fr)_284px]">
		<div class="flex min-w-0 flex-col gap-5">
			{#if workspace.cards.of(id).length === 0}
				<p class="border-t border-line pt-3 text-ink-soft">
					No visit yet. The first one reads the hair, and it stands here.
				</p>
			{/if}
			<WhenRead clientId={id}>
				{#if recorded.length > 0 && chosen}
					{#key recorded[0]!.id}
						<HeadOverYears
							{client}
							visits={recorded}
							chosen={chosen.id}
							onchoose={(visit) => (chosenId = visit)}
						/>
					{/key}
					<VisitTold visit={chosen} />
				{/if}
				{#if open.length > 0}
					<section aria-labelledby="next">
						{#if open[0]?.series}<PlanStands visit={open[0]} />{/if}
						<h2 id="next" class="pb-1 text-18">{recorded.length > 0 ? 'Next' : 'Visits'}</h2>
						<ul>
							{#each open as visit (visit.id)}<VisitRow {visit} dated />{/each}
						</ul>
					</section>
				{/if}
			</WhenRead>
		</div>
		<div>
			<ClientFacts {client} />
			<PrivacyNote name={client.name} {pictures} visits={workspace.cards.of(id).length} />
		</div>
	</div>
</div>
<MergeSheet {client} open={merging} onclose={() => (merging = false)} />

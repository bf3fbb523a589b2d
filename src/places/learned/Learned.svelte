<script lang="ts">
	import { untrack } from 'svelte';
	import { compute } from '../../compute/browser';
	import { headsJudged, salonHeads, taughtClients, teachingHeads } from '../../model/learned/salon';
	import { useClock } from '../../state/clock.svelte';
	import { useRecords } from '../../state/records';
	import { Search } from '../../state/search.svelte';
	import Button from '../../ui/Button.svelte';
	import Progress from '../../ui/Progress.svelte';
	import PlaceHead from '../../widgets/PlaceHead.svelte';
	import Against from './Against.svelte';
	import Constants from './Constants.svelte';
	import Hands from './Hands.svelte';
	import Heads from './Heads.svelte';

	const { workspace } = useRecords();
	const clock = useClock();
	/** Who was seen last first; so many of them are read as the salon is judged by, and more when somebody asks. */
	const heads = $derived(teachingHeads(workspace.cards.values()));
	const MORE = 24;
	let more = $state(0);
	const wanted = $derived(
		heads.slice(0, headsJudged(heads) + more).map(({ clientId }) => clientId)
	);
	const unread = $derived(wanted.filter((id) => !workspace.isRead(id)));
	let trouble = $state.raw<string>();
	async function read() {
		trouble = undefined;
		try {
			for (const id of unread) await workspace.readVisitsOf(id);
		} catch (error) {
			trouble = error instanceof Error ? error.message : 'nothing more';
		}
	}
	$effect(() => void (unread.length > 0 && untrack(read)));
	const taught = $derived(
		unread.length > 0
			? []
			: taughtClients(
					wanted.flatMap((id) => workspace.clients.get(id) ?? []),
					(id) => workspace.visitsOf(id)
				)
	);
	const search = new Search(compute, 'judgeSalon', 'salon', () =>
		taught.length === 0 ? undefined : salonHeads(taught, clock.today)
	);
	const salon = $derived(search.found);
	const nameOf = (id: string) => workspace.clients.get(id)?.name ?? 'Unknown client';
</script>

<PlaceHead title="What was learned" above="From what was seen at the chair, and nothing else">
	<a class="inline-grid tap place-items-center" href="/ledger">Back to the ledger</a>
</PlaceHead>

{#if trouble}
	<p role="alert">
		This browser does not give all of the records ({trouble}). Nothing is lost.
		<Button onclick={read}>Try again</Button>
	</p>
{:else if unread.length > 0}
	<Progress label="Going through the records…" share={1 - unread.length / wanted.length} />
{:else if taught.length === 0}
	<p class="text-ink-soft">
		Nothing yet. Every level that is noted in Chair, on a visit that is recorded, stands here with
		what was expected of it.
	</p>
{:else}
	{#if salon}
		<Against looks={salon.looks} {nameOf} />
		<Constants fits={salon.fits} />
	{:else if search.trouble}
		<p class="border-t border-line pt-3" role="alert">
			{search.trouble}
			<Button onclick={() => search.again()}>Try again</Button>
		</p>
	{:else}
		<Progress label="Going through the records…" share={search.progress} />
	{/if}
	<Heads {taught} beyond={heads.length - wanted.length} onmore={() => (more += MORE)} />
	<Hands readers={salon?.readers ?? []} />
{/if}

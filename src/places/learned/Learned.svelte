<script lang="ts">
	import { compute } from '../../compute/browser';
	import { salonHeads, taughtClients } from '../../model/learned/salon';
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
	const taught = $derived(taughtClients(workspace.clients, workspace.visits.values()));
	const search = new Search(compute, 'judgeSalon', 'salon', () =>
		taught.length === 0 ? undefined : salonHeads(taught, clock.today)
	);
	const salon = $derived(search.found);
	const nameOf = (id: string) => workspace.clients.get(id)?.name ?? 'Unknown client';
</script>

<PlaceHead title="What was learned" above="From what was seen at the chair, and nothing else">
	<a class="inline-grid tap place-items-center" href="/ledger">Back to the ledger</a>
</PlaceHead>

{#if taught.length === 0}
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
	<Heads {taught} />
	<Hands readers={salon?.readers ?? []} />
{/if}

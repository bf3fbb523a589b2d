<script lang="ts">
	import { formatDate } from '../../wording/words';
	import { page } from '$app/state';
	import { useRecords } from '../../state/records';
	import Button from '../../ui/Button.svelte';
	import NewVisit from '../../widgets/NewVisit.svelte';
	import PlaceHead from '../../widgets/PlaceHead.svelte';
	import { findClients } from '../../model/findClients';

	const { workspace } = useRecords();
	const PAGE = 60;
	let query = $state('');
	let shown = $state(PAGE);
	let starting = $state(false);
	let box: HTMLInputElement;
	const all = $derived([...workspace.clients.values()]);
	const found = $derived(findClients(all, query));

	$effect(() => {
		if (page.url.searchParams.has('search')) box.focus();
	});
	const lastLine = (id: string) => {
		const visit = workspace.visitsOf(id)[0];
		if (!visit) return 'no visit yet';
		return `${formatDate(visit.date)}, ${visit.aim.level} ${visit.aim.direction}${visit.result.recordedAt ? '' : ', open'}`;
	};
</script>

<PlaceHead title="{all.length} client{all.length === 1 ? '' : 's'}">
	<Button primary onclick={() => (starting = true)}>New visit</Button>
</PlaceHead>
<label class="text-ink-soft" for="client-search">Search by name or note</label>
<input
	class="mt-0.5 mb-4 block min-h-12 w-full rounded-box border border-edge bg-raised px-3 py-2"
	id="client-search"
	type="search"
	bind:this={box}
	bind:value={query}
	autocomplete="off"
/>

{#if all.length === 0}
	<p class="text-ink-soft">
		Every head you have read stands here, with what it did. Begin a visit to add the first.
	</p>
{:else if found.length === 0}
	<p class="text-ink-soft">Nobody matches “{query}”. Search for part of a name.</p>
{:else}
	<ul>
		{#each found.slice(0, shown) as client (client.id)}
			<li>
				<a
					class="grid grid-cols-[minmax(150px,1fr)_minmax(0,2fr)_230px] items-baseline gap-x-6 gap-y-1 border-t border-line py-3 wrap-anywhere no-underline max-tablet:grid-cols-1"
					href="/clients/{client.id}"
				>
					<span class="figure text-18">{client.name}</span>
					<span class="text-ink-soft">{client.note}</span>
					<span class="text-right text-ink-soft max-tablet:text-left">{lastLine(client.id)}</span>
				</a>
			</li>
		{/each}
	</ul>
	{#if found.length > shown}
		<Button onclick={() => (shown += PAGE)}
			>Show {Math.min(PAGE, found.length - shown)} more of {found.length - shown}</Button
		>
	{/if}
{/if}
<NewVisit open={starting} onclose={() => (starting = false)} />

<script lang="ts">
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
		return `${visit.date}, ${visit.aim.level} ${visit.aim.direction}${visit.result.recordedAt ? '' : ', open'}`;
	};
</script>

<PlaceHead title="{all.length} client{all.length === 1 ? '' : 's'}">
	<Button primary onclick={() => (starting = true)}>New visit</Button>
</PlaceHead>
<label for="client-search">Search by name or note</label>
<input id="client-search" type="search" bind:this={box} bind:value={query} autocomplete="off" />

{#if all.length === 0}
	<p class="soft">
		Every head you have read stands here, with what it did. Begin a visit to add the first.
	</p>
{:else if found.length === 0}
	<p class="soft">Nobody matches “{query}”. Search for part of a name.</p>
{:else}
	<ul>
		{#each found.slice(0, shown) as client (client.id)}
			<li>
				<a href="/clients/{client.id}">
					<span class="name figure">{client.name}</span>
					<span class="soft">{client.note}</span>
					<span class="soft last">{lastLine(client.id)}</span>
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

<style>
	label {
		color: var(--ink-soft);
	}
	input {
		display: block;
		width: 100%;
		min-height: 48px;
		margin: 2px 0 16px;
		padding: 8px 12px;
		border: 1px solid var(--edge);
		border-radius: 3px;
		background: var(--raised);
	}
	li a {
		display: grid;
		grid-template-columns: minmax(150px, 1fr) minmax(0, 2fr) 230px;
		gap: 4px 24px;
		align-items: baseline;
		padding: 12px 0;
		border-top: 1px solid var(--line);
		text-decoration: none;
		overflow-wrap: anywhere;
	}
	.name {
		font-size: 20px;
	}
	.soft {
		color: var(--ink-soft);
	}
	.last {
		text-align: right;
	}
	@media (max-width: 760px) {
		li a {
			grid-template-columns: minmax(0, 1fr);
		}
		.last {
			text-align: left;
		}
	}
</style>

<script lang="ts">
	import type { Snippet } from 'svelte';
	import { useRecords } from '../state/records';
	import Part from '../widgets/Part.svelte';
	import WhenRead from '../widgets/WhenRead.svelte';

	interface Props {
		/** A visit, a client or a morning at the bench, by its id. */
		of: 'visits' | 'clients' | 'trials';
		id: string;
		children: Snippet;
	}
	let { of, id, children }: Props = $props();
	const { workspace } = useRecords();
	const WORDS = {
		visits: { name: 'visit', back: { path: '/', label: 'Go to the day' } },
		clients: { name: 'client', back: { path: '/clients', label: 'All clients' } },
		trials: { name: 'morning at the bench', back: { path: '/bench', label: 'The bench' } }
	} as const;
	const words = $derived(WORDS[of]);
	const isHere = $derived(of === 'visits' ? workspace.cards.has(id) : workspace[of].has(id));
	/** Whose visits are read first; nobody's for what stands by itself, or reads them behind its heading. */
	const clientId = $derived(of === 'visits' ? workspace.cards.get(id)?.clientId : undefined);
</script>

<svelte:head>
	{#if !isHere}<title>Not in the records · Zelvant</title>{/if}
</svelte:head>

<!-- What is shown of a record is made anew for another one. -->
{#if isHere}
	{#key id}
		<Part name={words.name} whole>
			{#if clientId === undefined}{@render children()}
			{:else}<WhenRead {clientId}>{@render children()}</WhenRead>{/if}
		</Part>
	{/key}
{:else}
	<main class="p-10">
		<h1>This {words.name} is not in the records</h1>
		<p>
			It was removed, or belongs to other records than the ones that are open.
			<a href={words.back.path}>{words.back.label}</a>
		</p>
	</main>
{/if}

<script lang="ts">
	import type { Snippet } from 'svelte';
	import { useRecords } from '../state/records';
	import WhenRead from '../widgets/WhenRead.svelte';

	interface Props {
		/** A visit or a client, by its id. */
		of: 'visits' | 'clients';
		id: string;
		children: Snippet;
	}
	let { of, id, children }: Props = $props();
	const { workspace } = useRecords();
	const WORDS = {
		visits: { name: 'visit', back: { path: '/', label: 'Go to the day' } },
		clients: { name: 'client', back: { path: '/clients', label: 'All clients' } }
	} as const;
	const words = $derived(WORDS[of]);
	const clientId = $derived(
		of === 'visits' ? workspace.cards.get(id)?.clientId : workspace.clients.has(id) ? id : undefined
	);
</script>

<svelte:head>
	{#if clientId === undefined}<title>Not in the records · Zelvant</title>{/if}
</svelte:head>

<!-- What is shown of a record is made anew for another one. -->
{#if clientId !== undefined}
	{#key id}<WhenRead {clientId}>{@render children()}</WhenRead>{/key}
{:else}
	<main class="p-10">
		<h1>This {words.name} is not in the records</h1>
		<p>
			It was removed, or belongs to other records than the ones that are open.
			<a href={words.back.path}>{words.back.label}</a>
		</p>
	</main>
{/if}

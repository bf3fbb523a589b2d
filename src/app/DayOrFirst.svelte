<script lang="ts">
	import { useRecords } from '../state/records';

	const { workspace } = useRecords();
	/** Nobody has ever sat down: the first minute, and not an empty day. */
	const first = $derived(workspace.clients.size + workspace.cards.size === 0);
</script>

<svelte:head><title>{first ? 'Zelvant' : 'Day · Zelvant'}</title></svelte:head>
<!-- Whoever sees the one need not load the other. -->
{#if first}
	{#await import('../places/first/First.svelte') then { default: First }}<First />{/await}
{:else}
	{#await import('../places/day/Day.svelte') then { default: Day }}<Day />{/await}
{/if}

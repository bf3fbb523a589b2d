<script lang="ts">
	import ClientPage from '../../../../places/clients/ClientPage.svelte';
	import { useRecords } from '../../../../store/context';
	import type { PageProps } from './$types';

	let { params }: PageProps = $props();
	const { library } = useRecords();
	const client = $derived(library.clients.get(params.id));
</script>

<svelte:head><title>{client?.name ?? 'Client'} · Zelvant</title></svelte:head>
{#if client}
	<ClientPage {client} />
{:else}
	<h1>This client is not in the records</h1>
	<p><a href="/clients">All clients</a></p>
{/if}

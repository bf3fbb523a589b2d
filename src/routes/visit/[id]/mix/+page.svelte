<script lang="ts">
	import { page } from '$app/state';
	import Mix from '../../../../stations/weigh/Weigh.svelte';
	import { useRecords } from '../../../../store/context';
	import type { PageProps } from './$types';

	let { params }: PageProps = $props();
	const { library } = useRecords();
	const number = $derived(Number.parseInt(page.url.searchParams.get('bowl') ?? '1', 10) || 1);
</script>

{#if library.visits.has(params.id)}
	{#key params.id}
		<Mix id={params.id} {number} />
	{/key}
{:else}
	<main>
		<h1>This visit is not in the records</h1>
		<p><a href="/">Go to the day</a></p>
	</main>
{/if}

<script lang="ts">
	import VisitShell from '../../../../app/VisitShell.svelte';
	import { useRecords } from '../../../../store/context';
	import type { PageProps } from './$types';

	let { params }: PageProps = $props();
	const { library } = useRecords();
	const here = $derived(library.visits.has(params.id));
</script>

<svelte:head><title>Visit · Zelvant</title></svelte:head>

{#if here}
	{#key params.id}
		<VisitShell id={params.id} station={params.station} />
	{/key}
{:else}
	<main>
		<h1>This visit is not in the records</h1>
		<p>
			It was removed, or belongs to other records than the ones that are open. <a href="/"
				>Go to the day</a
			>
		</p>
	</main>
{/if}

<style>
	main {
		padding: 40px;
	}
</style>

<script lang="ts">
	import Upkeep from '../../../../stations/upkeep/Upkeep.svelte';
	import { useRecords } from '../../../../store/context';
	import type { PageProps } from './$types';

	let { params }: PageProps = $props();
	const { library } = useRecords();
</script>

{#if library.visits.has(params.id)}
	{#key params.id}
		<Upkeep id={params.id} />
	{/key}
{:else}
	<main>
		<h1>This visit is not in the records</h1>
		<p><a href="/">Go to the day</a></p>
	</main>
{/if}

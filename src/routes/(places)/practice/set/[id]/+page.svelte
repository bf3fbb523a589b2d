<script lang="ts">
	import SittingPage from '../../../../../places/practice/SittingPage.svelte';
	import type { PageProps } from './$types';

	let { params }: PageProps = $props();
</script>

<svelte:head><title>Practice · Zelvant</title></svelte:head>
{#key params.id}<SittingPage setId={params.id} />{/key}

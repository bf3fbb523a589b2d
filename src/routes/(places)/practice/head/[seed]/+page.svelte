<script lang="ts">
	import { page } from '$app/state';
	import HeadBySeed from '../../../../../places/practice/HeadBySeed.svelte';
	import type { PageProps } from './$types';

	let { params }: PageProps = $props();
	const run = $derived(page.url.searchParams.get('run') ?? undefined);
</script>

<svelte:head><title>A head to practise on · Zelvant</title></svelte:head>
<HeadBySeed seed={params.seed} {run} />

<script lang="ts">
	import { LESSONS } from '../../../../../core/vocabulary';
	import SittingPage from '../../../../../places/practice/SittingPage.svelte';
	import type { PageProps } from './$types';

	let { params }: PageProps = $props();
	const lesson = $derived(LESSONS.find((each) => each === params.name));
</script>

<svelte:head><title>Practice · Zelvant</title></svelte:head>
{#key params.name}<SittingPage {lesson} />{/key}

<script lang="ts">
	import HereOrNot from '../../../../app/HereOrNot.svelte';
	import TrialPage from '../../../../places/bench/TrialPage.svelte';
	import type { PageProps } from './$types';

	let { params }: PageProps = $props();
</script>

<svelte:head><title>Bench · Zelvant</title></svelte:head>
<HereOrNot of="trials" id={params.id}><TrialPage id={params.id} /></HereOrNot>

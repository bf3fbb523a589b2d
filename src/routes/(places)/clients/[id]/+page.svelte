<script lang="ts">
	import HereOrNot from '../../../../app/HereOrNot.svelte';
	import ClientPage from '../../../../places/clients/ClientPage.svelte';
	import type { PageProps } from './$types';

	let { params }: PageProps = $props();
</script>

<svelte:head><title>Client · Zelvant</title></svelte:head>
<HereOrNot of="clients" id={params.id}><ClientPage id={params.id} /></HereOrNot>

<script lang="ts">
	import Clients from '$lib/features/clients/Clients.svelte';
</script>

<svelte:head><title>Clients · Zelvant</title></svelte:head>
<Clients />

<script lang="ts">
	import Clients from '../../../places/clients/Clients.svelte';
</script>

<svelte:head><title>Clients · Zelvant</title></svelte:head>
<Clients />

<script lang="ts">
	import Records from '$lib/features/files/Records.svelte';
</script>

<svelte:head><title>Records · Zelvant</title></svelte:head>
<Records />

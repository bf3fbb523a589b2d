<script lang="ts">
	import Records from '../../../places/records/Records.svelte';
</script>

<svelte:head><title>Records · Zelvant</title></svelte:head>
<Records />

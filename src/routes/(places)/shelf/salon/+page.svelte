<script lang="ts">
	import SalonPage from '../../../../places/shelf/SalonPage.svelte';
</script>

<svelte:head><title>How this salon works · Shelf · Zelvant</title></svelte:head>
<SalonPage />

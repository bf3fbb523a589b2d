<script lang="ts">
	import ShelfPage from '$lib/features/shelf/ShelfPage.svelte';
</script>

<svelte:head><title>Shelf · Zelvant</title></svelte:head>
<ShelfPage />

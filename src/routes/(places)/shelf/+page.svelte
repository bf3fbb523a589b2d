<script lang="ts">
	import ShelfPage from '../../../places/shelf/ShelfPage.svelte';
</script>

<svelte:head><title>Shelf · Zelvant</title></svelte:head>
<ShelfPage />

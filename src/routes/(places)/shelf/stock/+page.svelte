<script lang="ts">
	import StockPage from '../../../../places/shelf/StockPage.svelte';
</script>

<svelte:head><title>Stock and money · Shelf · Zelvant</title></svelte:head>
<StockPage />

<script lang="ts">
	import RingPage from '../../../../places/shelf/RingPage.svelte';
</script>

<svelte:head><title>The ring · Shelf · Zelvant</title></svelte:head>
<RingPage />

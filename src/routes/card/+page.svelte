<script lang="ts">
	import PictureCard from '../../places/card/PictureCard.svelte';
</script>

<svelte:head><title>Card for pictures · Zelvant</title></svelte:head>
<PictureCard />

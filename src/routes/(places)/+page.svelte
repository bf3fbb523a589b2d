<script lang="ts">
	import Day from '$lib/features/day/Day.svelte';
</script>

<svelte:head><title>Day · Zelvant</title></svelte:head>
<Day />

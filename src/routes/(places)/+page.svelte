<script lang="ts">
	import Day from '../../places/day/Day.svelte';
</script>

<svelte:head><title>Day · Zelvant</title></svelte:head>
<Day />

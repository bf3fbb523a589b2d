<script lang="ts">
	import Bench from '../../../places/bench/Bench.svelte';
</script>

<svelte:head><title>Bench · Zelvant</title></svelte:head>
<Bench />

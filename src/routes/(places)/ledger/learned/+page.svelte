<script lang="ts">
	import Learned from '../../../../places/learned/Learned.svelte';
</script>

<svelte:head><title>What was learned · Zelvant</title></svelte:head>
<Learned />

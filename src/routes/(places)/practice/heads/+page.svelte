<script lang="ts">
	import Heads from '../../../../places/practice/Heads.svelte';
</script>

<svelte:head><title>Heads to practise on · Zelvant</title></svelte:head>
<Heads />

<script lang="ts">
	import Eyes from '../../../../places/practice/Eyes.svelte';
</script>

<svelte:head><title>Eyes · Zelvant</title></svelte:head>
<Eyes />

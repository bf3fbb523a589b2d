<script lang="ts">
	import Practice from '../../../places/practice/Practice.svelte';
</script>

<svelte:head><title>Practice · Zelvant</title></svelte:head>
<Practice />

<script lang="ts">
	import Parts from '../../places/parts/Parts.svelte';
</script>

<Parts />

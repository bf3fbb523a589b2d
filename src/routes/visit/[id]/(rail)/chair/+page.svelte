<script lang="ts">
	import Chair from '../../../../../stations/chair/Chair.svelte';
</script>

<Chair />

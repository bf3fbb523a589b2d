<script lang="ts">
	import Bowls from '../../../../../stations/bowls/Bowls.svelte';
</script>

<Bowls />

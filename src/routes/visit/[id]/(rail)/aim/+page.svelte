<script lang="ts">
	import Aim from '../../../../../stations/aim/Aim.svelte';
</script>

<Aim />

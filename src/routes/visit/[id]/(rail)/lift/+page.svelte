<script lang="ts">
	import Lift from '../../../../../stations/lift/Lift.svelte';
</script>

<Lift />

<script lang="ts">
	import OpenDemo from '../../app/OpenDemo.svelte';
</script>

<OpenDemo />

<script lang="ts">
	import Read from '../../../../../stations/read/Read.svelte';
</script>

<Read />

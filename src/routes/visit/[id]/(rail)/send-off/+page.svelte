<script lang="ts">
	import SendOff from '../../../../../stations/sendoff/SendOff.svelte';
</script>

<SendOff />

<script lang="ts">
	import Tone from '../../../../../stations/tone/Tone.svelte';
</script>

<Tone />

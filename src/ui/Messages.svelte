<script lang="ts">
	import { speaking } from './say.svelte';
</script>

{#if speaking.begun}
	{#await import('svelte-sonner') then { Toaster }}
		<!-- At the top: the acts stand at the bottom, and a message must not lie over them; to the side, because the
		answer stands on the left. -->
		<Toaster position="top-right" />
	{/await}
{/if}

<script lang="ts">
	import { speaking } from './say.svelte';
</script>

{#if speaking.begun}
	{#await import('svelte-sonner') then { Toaster }}
		<!-- At the top: the acts stand at the bottom, and a message must not lie over them. -->
		<Toaster position="top-center" />
	{/await}
{/if}

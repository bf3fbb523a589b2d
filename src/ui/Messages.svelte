<script lang="ts">
	import { textButtonLook } from './look';
	import { speaking } from './say.svelte';
</script>

{#if speaking.begun}
	{#await import('svelte-sonner') then { Toaster }}
		<!-- At the top: the acts stand at the bottom, and a message must not lie over them; to the side, because the
		answer stands on the left. -->
		<Toaster
			position="top-right"
			toastOptions={{
				unstyled: true,
				classes: {
					toast:
						'flex w-full items-center justify-between gap-4 rounded-box border border-edge bg-raised px-4 py-2 font-text text-16 text-ink',
					title: 'py-1',
					actionButton: textButtonLook({ class: 'flex-none font-semibold' })
				}
			}}
		/>
	{/await}
{/if}

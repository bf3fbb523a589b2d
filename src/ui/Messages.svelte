<script lang="ts">
	import { MediaQuery } from 'svelte/reactivity';
	import { textButtonLook } from './look';
	import { speaking } from './say.svelte';
	const phone = new MediaQuery('max-width: 760px');
</script>

{#if speaking.begun}
	{#await import('svelte-sonner') then { Toaster }}
		<!-- In the free part of the rail, over neither answer nor acts; on a phone over the name at the very top. -->
		<Toaster
			position={phone.current ? 'top-center' : 'bottom-left'}
			offset={{ bottom: '128px', left: '8px' }}
			mobileOffset={{ top: '2px', left: '4px', right: '4px' }}
			toastOptions={{
				unstyled: true,
				classes: {
					toast:
						'flex w-full items-center justify-between gap-4 rounded-box border border-edge bg-raised px-3 py-2 font-text text-15 text-ink',
					title: 'py-1',
					actionButton: textButtonLook({ class: 'flex-none font-semibold' })
				}
			}}
		/>
	{/await}
{/if}

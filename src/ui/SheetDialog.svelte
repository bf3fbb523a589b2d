<script lang="ts">
	import { Dialog } from 'bits-ui';
	import type { Snippet } from 'svelte';
	import { buttonLook } from './look';

	interface Props {
		open: boolean;
		title: string;
		children: Snippet;
		actions?: Snippet;
		onclose: () => void;
	}
	let { open, title, children, actions, onclose }: Props = $props();
</script>

<Dialog.Root bind:open={() => open, (next) => !next && onclose()}>
	<Dialog.Portal>
		<Dialog.Overlay class="fixed inset-0 z-40 bg-veil" />
		<Dialog.Content
			class="fixed top-1/2 left-1/2 z-41 max-h-[calc(100dvh_-_32px)] w-[min(560px,calc(100vw_-_32px))] -translate-1/2 overflow-auto rounded-box bg-room px-8 py-6"
		>
			<Dialog.Title class="mb-4 figure text-28 leading-tight">{title}</Dialog.Title>
			<div>{@render children()}</div>
			<div class="mt-5 flex flex-wrap justify-end gap-3">
				{#if actions}{@render actions()}{/if}
				<Dialog.Close class={buttonLook()}>Close</Dialog.Close>
			</div>
		</Dialog.Content>
	</Dialog.Portal>
</Dialog.Root>

<script lang="ts">
	import { Dialog } from 'bits-ui';
	import type { Snippet } from 'svelte';

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
		<Dialog.Overlay class="sheet-veil" />
		<Dialog.Content class="sheet">
			<Dialog.Title class="sheet-title figure">{title}</Dialog.Title>
			<div class="body">{@render children()}</div>
			<div class="actions">
				{#if actions}{@render actions()}{/if}
				<Dialog.Close class="sheet-close">Close</Dialog.Close>
			</div>
		</Dialog.Content>
	</Dialog.Portal>
</Dialog.Root>

<style>
	:global(.sheet-veil) {
		position: fixed;
		inset: 0;
		background: #000000a6;
		z-index: 40;
	}
	:global(.sheet) {
		position: fixed;
		z-index: 41;
		left: 50%;
		top: 50%;
		translate: -50% -50%;
		width: min(560px, calc(100vw - 32px));
		max-height: calc(100dvh - 32px);
		overflow: auto;
		padding: 26px 30px;
		background: var(--room);
		border-radius: 4px;
	}
	:global(.sheet-title) {
		font-size: 26px;
		line-height: 1.1;
		margin-bottom: 16px;
	}
	.actions {
		display: flex;
		flex-wrap: wrap;
		justify-content: flex-end;
		gap: 12px;
		margin-top: 22px;
	}
	:global(.sheet-close) {
		min-height: 44px;
		padding: 0 18px;
		border: 1px solid var(--edge);
		border-radius: 3px;
		background: transparent;
		font-weight: 600;
	}
</style>

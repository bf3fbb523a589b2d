<script lang="ts">
	import { AlertDialog, Dialog } from 'bits-ui';
	import type { Snippet } from 'svelte';
	import { buttonLook } from './look';

	interface Props {
		open: boolean;
		title: string;
		/** Something must be answered before it goes on: a tap beside it does not put it away. */
		alert?: boolean;
		/** Over the whole window, to be read from across the room. */
		whole?: boolean;
		/** Two things stand beside each other on it. */
		wide?: boolean;
		children: Snippet;
		actions?: Snippet;
		onclose: () => void;
	}
	let {
		open,
		title,
		alert = false,
		whole = false,
		wide = false,
		children,
		actions,
		onclose
	}: Props = $props();
	// svelte-ignore state_referenced_locally
	// What it is when it opens, it is until it closes: what is answered in it does not lay it anew.
	let asked = $state(alert);
	$effect.pre(() => {
		if (!open) asked = alert;
	});
	const Part = $derived(asked ? AlertDialog : Dialog);
	const Close = $derived(asked ? AlertDialog.Cancel : Dialog.Close);
</script>

<Part.Root bind:open={() => open, (next) => !next && onclose()}>
	<Part.Portal>
		<Part.Overlay class="fixed inset-0 z-40 bg-veil" />
		<Part.Content
			class={[
				'fixed z-41 animate-rise overflow-auto bg-room px-8 py-6',
				whole
					? 'inset-0 flex flex-col justify-center border-t-40 border-stop'
					: [
							'top-1/2 left-1/2 max-h-[calc(100dvh_-_32px)] -translate-1/2 rounded-box',
							wide ? 'w-[min(880px,calc(100vw_-_32px))]' : 'w-[min(560px,calc(100vw_-_32px))]'
						]
			]}
		>
			<Part.Title
				class={[
					'mb-4 figure leading-tight wrap-anywhere',
					whole ? 'text-name max-tablet:text-40' : 'text-28'
				]}>{title}</Part.Title
			>
			{#if asked}
				<!-- Who hears it, hears what is asked at once. -->
				<AlertDialog.Description>
					{#snippet child({ props })}<div {...props}>{@render children()}</div>{/snippet}
				</AlertDialog.Description>
			{:else}<div>{@render children()}</div>{/if}
			<div class={['mt-5 flex flex-wrap gap-3', whole ? '[&_button]:min-h-16' : 'justify-end']}>
				{#if actions}{@render actions()}{/if}
				<Close class={buttonLook()}>Close</Close>
			</div>
		</Part.Content>
	</Part.Portal>
</Part.Root>

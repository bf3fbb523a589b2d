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
	const body = $derived(whole ? '' : 'min-h-0 overflow-y-auto px-8 pb-5 max-tablet:px-5');
	let content = $state<HTMLElement | null>(null);
	/** What somebody opens a sheet for: the field that is typed in, not the way out of it. */
	const FIRST = 'input:not([type="hidden"]):not([disabled]), textarea, [role="combobox"]';
	const isBeside = () => !document.activeElement || document.activeElement === content;
	function focusFirst(event: Event) {
		// What must be answered opens on its answer.
		if (asked || !content) return;
		event.preventDefault();
		(content.querySelector<HTMLElement>(FIRST) ?? content).focus();
	}
	/** A form that loads late is waited for: whoever types meanwhile presses no button. */
	$effect(() => {
		if (!content) return;
		const own = content;
		const watch = new MutationObserver(() => {
			const field = own.querySelector<HTMLElement>(FIRST);
			if (field && isBeside()) field.focus();
		});
		watch.observe(own, { childList: true, subtree: true });
		return () => watch.disconnect();
	});
	const Close = $derived(asked ? AlertDialog.Cancel : Dialog.Close);
</script>

<Part.Root bind:open={() => open, (next) => !next && onclose()}>
	<Part.Portal>
		<Part.Overlay class="fixed inset-0 z-40 bg-veil" />
		<Part.Content
			bind:ref={content}
			onOpenAutoFocus={focusFirst}
			tabindex={-1}
			class={[
				'fixed z-41 flex animate-rise flex-col bg-room outline-none',
				whole
					? 'inset-0 justify-center overflow-auto border-t-40 border-stop px-8 py-6'
					: [
							'top-1/2 left-1/2 max-h-[calc(100dvh_-_32px)] -translate-1/2 rounded-box',
							wide ? 'w-[min(880px,calc(100vw_-_32px))]' : 'w-[min(560px,calc(100vw_-_32px))]'
						]
			]}
		>
			<Part.Title
				class={[
					'flex-none figure leading-tight wrap-anywhere',
					whole ? 'mb-4 text-name max-tablet:text-40' : 'px-8 pt-6 pb-4 text-28 max-tablet:px-5'
				]}>{title}</Part.Title
			>
			{#if asked}
				<!-- Who hears it, hears what is asked at once. -->
				<AlertDialog.Description>
					{#snippet child({ props })}<div {...props} class={body}>
							{@render children()}
						</div>{/snippet}
				</AlertDialog.Description>
			{:else}<div class={body}>{@render children()}</div>{/if}
			<!-- What is done with it stays in sight, however long it is. -->
			<div
				class={[
					'flex flex-none flex-wrap gap-3',
					whole
						? 'mt-5 [&_button]:min-h-16'
						: 'justify-end border-t border-line px-8 py-4 max-tablet:px-5 max-tablet:py-3'
				]}
			>
				{#if actions}{@render actions()}{/if}
				<Close class={buttonLook()}>Close</Close>
			</div>
		</Part.Content>
	</Part.Portal>
</Part.Root>

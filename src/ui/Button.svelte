<script lang="ts">
	import type { Snippet } from 'svelte';
	import type { HTMLButtonAttributes } from 'svelte/elements';

	interface Props extends HTMLButtonAttributes {
		/** The one primary act of a place carries the accent. */
		primary?: boolean;
		children: Snippet;
	}
	let { primary = false, children, type = 'button', ...rest }: Props = $props();
</script>

<button {type} class:primary {...rest}>{@render children()}</button>

<style>
	button {
		min-height: 44px;
		padding: 0 18px;
		display: inline-flex;
		align-items: center;
		justify-content: center;
		gap: 8px;
		border: 1px solid var(--edge);
		border-radius: 3px;
		background: transparent;
		font-weight: 600;
		white-space: nowrap;
	}
	button.primary {
		background: var(--accent);
		border-color: var(--accent);
		color: var(--on-accent);
	}
	button:disabled {
		opacity: 1;
		color: var(--ink-soft);
		background: var(--sunk);
		border-color: var(--line);
		cursor: not-allowed;
	}
</style>

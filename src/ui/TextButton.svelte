<script lang="ts">
	import type { Snippet } from 'svelte';

	interface Props {
		/** Set where it switches something on and off. */
		pressed?: boolean;
		onclick: () => void;
		children: Snippet;
	}
	let { pressed, onclick, children }: Props = $props();
</script>

<button class="text-button" aria-pressed={pressed} {onclick}>{@render children()}</button>

<style>
	.text-button {
		border: 0;
		background: none;
		padding: 0;
		min-height: 44px;
		font-size: inherit;
		color: var(--ink);
		text-decoration: underline;
		text-underline-offset: 3px;
	}
</style>

<script lang="ts">
	import type { Snippet } from 'svelte';

	interface Props {
		title: string;
		/** What stands inside, so that one need not open it to know. */
		summary?: string;
		open?: boolean;
		/** Told when it is opened or closed: what is costly waits until somebody looks. */
		ontoggle?: (open: boolean) => void;
		children: Snippet;
	}
	let { title, summary = '', open = false, ontoggle, children }: Props = $props();
	// svelte-ignore state_referenced_locally
	// Where it begins; after that the person opens and closes it.
	let isOpen = $state(open);
</script>

<details bind:open={isOpen} ontoggle={(event) => ontoggle?.(event.currentTarget.open)}>
	<summary><span class="title">{title}</span> <span class="summary">{summary}</span></summary>
	<div class="inside">{@render children()}</div>
</details>

<style>
	details {
		border-top: 1px solid var(--line);
	}
	summary {
		min-height: 44px;
		padding: 11px 0;
		cursor: pointer;
	}
	.title {
		font-weight: 600;
	}
	.summary {
		color: var(--ink-soft);
	}
	.inside {
		padding: 4px 0 16px;
		display: flex;
		flex-direction: column;
		gap: 12px;
	}
</style>

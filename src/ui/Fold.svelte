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

<details
	class="border-t border-line"
	bind:open={isOpen}
	ontoggle={(event) => ontoggle?.(event.currentTarget.open)}
>
	<summary class="tap cursor-pointer py-3"
		><span class="font-semibold">{title}</span>
		<span class="text-ink-soft">{summary}</span></summary
	>
	<div class="flex flex-col gap-3 pt-1 pb-4">{@render children()}</div>
</details>

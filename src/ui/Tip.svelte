<script lang="ts">
	import { Tooltip } from 'bits-ui';
	import type { Snippet } from 'svelte';

	interface Props {
		/** What an act is called that shows an icon alone, and the key that does it. */
		words: string;
		children: Snippet<[{ props: Record<string, unknown> }]>;
	}
	let { words, children }: Props = $props();
	const WAIT_MS = 400;
</script>

<Tooltip.Provider delayDuration={WAIT_MS} disableHoverableContent>
	<Tooltip.Root>
		<Tooltip.Trigger>
			{#snippet child({ props })}{@render children({ props })}{/snippet}
		</Tooltip.Trigger>
		<Tooltip.Portal>
			<Tooltip.Content
				sideOffset={4}
				class="z-50 rounded-box bg-ink px-2 py-1 text-13 text-room forced-colors:border"
				>{words}</Tooltip.Content
			>
		</Tooltip.Portal>
	</Tooltip.Root>
</Tooltip.Provider>

<script lang="ts">
	import { Collapsible } from 'bits-ui';
	import ChevronRight from '@lucide/svelte/icons/chevron-right';
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

<Collapsible.Root
	bind:open={isOpen}
	onOpenChange={(next) => ontoggle?.(next)}
	class="border-t border-line"
>
	<Collapsible.Trigger
		class="group flex tap w-full items-baseline gap-1.5 py-3 text-left leading-body"
	>
		<ChevronRight
			size={16}
			aria-hidden="true"
			class="flex-none translate-y-0.5 group-data-[state=open]:rotate-90"
		/>
		<span
			><span class="font-semibold">{title}</span>
			<span class="text-ink-soft">{summary}</span></span
		>
	</Collapsible.Trigger>
	<!-- What was begun inside is there when it is opened again. -->
	<Collapsible.Content forceMount>
		{#snippet child({ props })}
			<div {...props} hidden={!isOpen} class="flex flex-col gap-3 pt-1 pb-4">
				{@render children()}
			</div>
		{/snippet}
	</Collapsible.Content>
</Collapsible.Root>

<script lang="ts" generics="T extends string">
	import { Tabs } from 'bits-ui';
	import type { Snippet } from 'svelte';
	import { optionLook } from './look';

	interface Props {
		label: string;
		value: T;
		options: readonly { readonly value: T; readonly label: string }[];
		/** What is looked at, by the tab that is chosen. */
		children: Snippet;
		onchange: (value: T) => void;
	}
	let { label, value, options, children, onchange }: Props = $props();

	function pick(next: string) {
		const option = options.find((candidate) => candidate.value === next);
		if (option) onchange(option.value);
	}
</script>

<Tabs.Root bind:value={() => value, pick}>
	{#snippet child({ props })}
		<!-- What is looked at lies in the station’s own column. -->
		<div {...props} class="contents">
			<Tabs.List aria-label={label} class="flex flex-none flex-wrap gap-x-3">
				{#each options as option (option.value)}
					<Tabs.Trigger value={option.value} class={optionLook()}>{option.label}</Tabs.Trigger>
				{/each}
			</Tabs.List>
			<Tabs.Content {value} class="contents" tabindex={-1}>{@render children()}</Tabs.Content>
		</div>
	{/snippet}
</Tabs.Root>

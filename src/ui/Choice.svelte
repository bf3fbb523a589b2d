<script lang="ts" generics="T extends string">
	import { ToggleGroup } from 'bits-ui';

	interface Props {
		label: string;
		value: T;
		options: readonly { value: T; label: string }[];
		hint?: string;
		hideLabel?: boolean;
		onchange: (value: T) => void;
	}
	let { label, value, options, hint, hideLabel = false, onchange }: Props = $props();

	const pick = (next: string) => {
		const option = options.find((candidate) => candidate.value === next);
		// Pressing the chosen one again would clear it; one is always chosen.
		if (option) onchange(option.value);
	};
</script>

<div class="choice">
	<span class="label" class:sr-only={hideLabel}>{label}</span>
	<ToggleGroup.Root type="single" bind:value={() => value, pick} aria-label={label}>
		{#snippet child({ props })}
			<div {...props} class="options">
				{#each options as option (option.value)}
					<ToggleGroup.Item value={option.value} class="choice-option"
						>{option.label}</ToggleGroup.Item
					>
				{/each}
			</div>
		{/snippet}
	</ToggleGroup.Root>
	{#if hint}<p class="hint">{hint}</p>{/if}
</div>

<style>
	.label {
		display: block;
		color: var(--ink-soft);
		line-height: 1.2;
	}
	.options {
		display: flex;
		flex-wrap: wrap;
		gap: 0 13px;
	}
	:global(.choice-option) {
		min-height: 44px;
		padding: 0;
		border: 0;
		background: transparent;
		color: var(--ink-soft);
		border-bottom: 3px solid transparent;
	}
	:global(.choice-option[data-state='on']) {
		color: var(--ink);
		font-weight: 700;
		border-bottom-color: var(--ink);
	}
	.hint {
		font-size: 13px;
		color: var(--ink-soft);
	}
</style>

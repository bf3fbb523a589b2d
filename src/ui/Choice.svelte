<script lang="ts" generics="T extends string">
	import { ToggleGroup } from 'bits-ui';
	import { optionLook } from './look';

	interface Props {
		label: string;
		value: T;
		options: readonly { value: T; label: string }[];
		hint?: string;
		hideLabel?: boolean;
		disabled?: boolean;
		onchange: (value: T) => void;
	}
	let {
		label,
		value,
		options,
		hint,
		hideLabel = false,
		disabled = false,
		onchange
	}: Props = $props();

	const pick = (next: string) => {
		const option = options.find((candidate) => candidate.value === next);
		// Pressing the chosen one again would clear it; one is always chosen.
		if (option) onchange(option.value);
	};
</script>

<div class="choice">
	<span class="block leading-close text-ink-soft" class:sr-only={hideLabel}>{label}</span>
	<ToggleGroup.Root type="single" {disabled} bind:value={() => value, pick} aria-label={label}>
		{#snippet child({ props })}
			<div {...props} class="flex flex-wrap gap-x-3">
				{#each options as option (option.value)}
					<ToggleGroup.Item value={option.value} class={optionLook()}
						>{option.label}</ToggleGroup.Item
					>
				{/each}
			</div>
		{/snippet}
	</ToggleGroup.Root>
	{#if hint}<p class="text-13 text-ink-soft">{hint}</p>{/if}
</div>

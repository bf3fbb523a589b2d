<script lang="ts" generics="T extends string">
	import { RadioGroup } from 'bits-ui';

	interface Props {
		label: string;
		value: T;
		/** Each with a line on what it does. */
		options: readonly { value: T; label: string; note?: string; aside?: string }[];
		onchange: (value: T) => void;
	}
	let { label, value, options, onchange }: Props = $props();
	const pick = (next: string) => {
		const option = options.find((candidate) => candidate.value === next);
		if (option && option.value !== value) onchange(option.value);
	};
</script>

<div>
	<span class="text-ink-soft">{label}</span>
	<RadioGroup.Root bind:value={() => value, pick} aria-label={label}>
		{#each options as option (option.value)}
			<RadioGroup.Item
				value={option.value}
				class="group block tap w-full border-l-3 border-transparent py-1.5 pl-3 text-left data-[state=checked]:border-ink"
			>
				<span class="flex flex-wrap items-baseline justify-between gap-x-2"
					><span class="group-data-[state=checked]:font-bold">{option.label}</span
					>{#if option.aside}<span class="text-13 whitespace-nowrap text-ink-soft"
							>{option.aside}</span
						>{/if}</span
				>
				{#if option.note && option.value === value}<span
						class="block text-13 leading-close text-ink-soft">{option.note}</span
					>{/if}
			</RadioGroup.Item>
		{/each}
	</RadioGroup.Root>
</div>

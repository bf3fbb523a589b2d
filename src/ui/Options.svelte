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

<div class="options">
	<span class="label">{label}</span>
	<RadioGroup.Root bind:value={() => value, pick} aria-label={label}>
		{#each options as option (option.value)}
			<RadioGroup.Item value={option.value} class="option">
				<span class="head"
					><span class="name">{option.label}</span>{#if option.aside}<span class="aside"
							>{option.aside}</span
						>{/if}</span
				>
				{#if option.note && option.value === value}<span class="note">{option.note}</span>{/if}
			</RadioGroup.Item>
		{/each}
	</RadioGroup.Root>
</div>

<style>
	.label {
		color: var(--ink-soft);
	}
	:global(.option) {
		display: block;
		width: 100%;
		min-height: 44px;
		padding: 6px 0 6px 12px;
		border: 0;
		border-left: 3px solid transparent;
		background: transparent;
		text-align: left;
	}
	:global(.option[data-state='checked']) {
		border-left-color: var(--ink);
	}
	:global(.option[data-state='checked']) .name {
		font-weight: 700;
	}
	.head {
		display: flex;
		flex-wrap: wrap;
		justify-content: space-between;
		align-items: baseline;
		gap: 0 10px;
	}
	.aside,
	.note {
		color: var(--ink-soft);
		font-size: 13px;
	}
	.aside {
		white-space: nowrap;
	}
	.note {
		display: block;
		line-height: 1.25;
	}
</style>

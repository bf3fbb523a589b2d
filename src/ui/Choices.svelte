<script lang="ts" generics="T extends string">
	import { ToggleGroup } from 'bits-ui';

	interface Props {
		label: string;
		/** Several may be chosen, or none. */
		values: readonly T[];
		options: readonly { value: T; label: string; marked?: boolean }[];
		/** What a mark beside an option means, for those who cannot see it. */
		markedWords?: string;
		/** Name of the choice of none, shown first. */
		none?: string;
		hideLabel?: boolean;
		onchange: (values: T[]) => void;
	}
	let {
		label,
		values,
		options,
		markedWords = 'differs',
		none,
		hideLabel = false,
		onchange
	}: Props = $props();

	const pick = (next: string[]) =>
		onchange(options.filter(({ value }) => next.includes(value)).map(({ value }) => value));
</script>

<div class="choices">
	<span class="label" class:sr-only={hideLabel}>{label}</span>
	<ToggleGroup.Root type="multiple" bind:value={() => [...values], pick} aria-label={label}>
		{#snippet child({ props })}
			<div {...props} class="options">
				{#if none}
					<button
						class="choice-option"
						data-state={values.length === 0 ? 'on' : 'off'}
						aria-pressed={values.length === 0}
						onclick={() => onchange([])}>{none}</button
					>
				{/if}
				{#each options as option (option.value)}
					<ToggleGroup.Item value={option.value} class="choice-option"
						>{option.label}{#if option.marked}<span class="mark" aria-hidden="true"></span><span
								class="sr-only">, {markedWords}</span
							>{/if}</ToggleGroup.Item
					>
				{/each}
			</div>
		{/snippet}
	</ToggleGroup.Root>
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
		gap: 0 11px;
	}
	.options :global(.choice-option) {
		min-width: 44px;
		text-align: center;
	}
	.mark {
		display: inline-block;
		width: 7px;
		height: 7px;
		border-radius: 50%;
		background: var(--ink);
		margin-left: 4px;
		vertical-align: super;
	}
</style>

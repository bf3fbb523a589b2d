<script lang="ts" generics="T extends string">
	import { ToggleGroup } from 'bits-ui';
	import { optionLook } from './look';

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

<div>
	<span class="block leading-close text-ink-soft" class:sr-only={hideLabel}>{label}</span>
	<ToggleGroup.Root type="multiple" bind:value={() => [...values], pick} aria-label={label}>
		{#snippet child({ props })}
			<div {...props} class="flex flex-wrap gap-x-3">
				{#if none}
					<button
						class={optionLook({ class: 'min-w-11 text-center' })}
						data-state={values.length === 0 ? 'on' : 'off'}
						aria-pressed={values.length === 0}
						onclick={() => onchange([])}>{none}</button
					>
				{/if}
				{#each options as option (option.value)}
					<ToggleGroup.Item
						value={option.value}
						class={optionLook({ class: 'min-w-11 text-center' })}
						>{option.label}{#if option.marked}<span
								class="ml-1 inline-block h-2 w-2 rounded-full bg-ink align-super"
								aria-hidden="true"
							></span><span class="sr-only">, {markedWords}</span>{/if}</ToggleGroup.Item
					>
				{/each}
			</div>
		{/snippet}
	</ToggleGroup.Root>
</div>

<script lang="ts">
	import { BOUNDS } from '../../core/vocabulary';
	import { USUAL_CEILINGS, type Ceilings } from '../../core/caution';
	import Choice from '../../ui/Choice.svelte';
	import NumberField from '../../ui/NumberField.svelte';
	import Select from '../../ui/Select.svelte';
	import TextField from '../../ui/TextField.svelte';
	import TextButton from '../../ui/TextButton.svelte';
	import type { SalonSettings } from '../../schema/forms';
	import type { Shelf } from '../../schema/records';
	import HandPaces from './HandPaces.svelte';
	import { PACE_OPTIONS, PRODUCT_OPTIONS } from '../../wording/words';

	interface Props {
		shelf: Shelf;
		onchange: (recipe: (draft: SalonSettings) => unknown) => void;
	}
	let { shelf, onchange }: Props = $props();

	const CEILINGS: readonly { key: keyof Ceilings; label: string }[] = [
		{ key: 'onScalp', label: 'Lightener on the scalp' },
		{ key: 'offScalp', label: 'Lightener off the scalp' },
		{ key: 'tint', label: 'High-lift and permanent' },
		{ key: 'bleachWash', label: 'Bleach wash off the scalp' }
	];
	const usual = $derived(
		CEILINGS.every(({ key }) => shelf.ceilings[key] === USUAL_CEILINGS[key]) &&
			Object.keys(shelf.limits).length === 0
	);
	const UNITS = [
		{ value: 'g', label: 'grams' },
		{ value: 'drops', label: 'drops' },
		{ value: 'ml', label: 'millilitres' }
	] as const;
	const PACE_WORDS = {
		gentle: 'Low and slow: 10 to 20 vol, more time, least wear.',
		steady: '10 to 30 vol: 20 is the middle.',
		brisk: '20 to 30 vol: shortest at the chair, most wear.'
	} as const;
</script>

<h2 class="mb-1 text-18">Plans and hands</h2>
<Choice
	label="Pace of the plans"
	value={shelf.pace}
	options={PACE_OPTIONS}
	hint={PACE_WORDS[shelf.pace]}
	onchange={(pace) => onchange((draft) => (draft.pace = pace))}
/>
<HandPaces {shelf} {onchange} />
<h3 class="mt-4 mb-1.5 text-15">Strongest developer</h3>
<div
	class="grid grid-cols-[repeat(auto-fill,minmax(150px,1fr))] items-end gap-x-6 gap-y-2 last:mb-4"
>
	{#each CEILINGS as { key, label } (key)}
		<NumberField
			{label}
			value={shelf.ceilings[key]}
			{...BOUNDS.volume}
			step={0.5}
			unit="vol"
			onchange={(v) => onchange((draft) => (draft.ceilings[key] = v))}
		/>
	{/each}
</div>
<h3 class="mt-4 mb-1.5 text-15">Longest time on the hair</h3>
<div
	class="grid grid-cols-[repeat(auto-fill,minmax(150px,1fr))] items-end gap-x-6 gap-y-2 last:mb-4"
>
	<NumberField
		label="Any product"
		value={shelf.limitMinutes}
		{...BOUNDS.limitMinutes}
		unit="min"
		onchange={(v) => onchange((draft) => (draft.limitMinutes = v))}
	/>
	{#each PRODUCT_OPTIONS as { value, label } (value)}
		<NumberField
			label="For {label}"
			value={shelf.limits[value] ?? shelf.limitMinutes}
			{...BOUNDS.limitMinutes}
			unit="min"
			onchange={(v) =>
				onchange((draft) => {
					const own = Object.entries({ ...draft.limits, [value]: v });
					draft.limits = Object.fromEntries(own.filter(([, most]) => most !== draft.limitMinutes));
				})}
		/>
	{/each}
</div>
<p class="mt-2 mb-4 text-ink-soft">
	Over these a reason is asked, and kept with the visit. The maker’s directions go first.
	{#if !usual}
		<TextButton
			onclick={() =>
				onchange((draft) => {
					draft.ceilings = { ...USUAL_CEILINGS };
					draft.limits = {};
				})}>Back to the usual</TextButton
		>
	{/if}
</p>
<h3 class="mt-4 mb-1.5 text-15">Weighing</h3>
<div
	class="grid grid-cols-[repeat(auto-fill,minmax(150px,1fr))] items-end gap-x-6 gap-y-2 last:mb-4"
>
	<NumberField
		label="Scale shows steps of"
		value={shelf.scaleStep}
		{...BOUNDS.scaleStep}
		step={0.05}
		unit="g"
		onchange={(v) => onchange((draft) => (draft.scaleStep = v))}
	/>
	<TextField
		label="Additive"
		value={shelf.additive.name}
		oninput={(v) => onchange((draft) => (draft.additive.name = v))}
	/>
	<NumberField
		label="So much of it"
		value={shelf.additive.amount}
		{...BOUNDS.additiveAmount}
		step={0.05}
		onchange={(v) => onchange((draft) => (draft.additive.amount = v))}
	/>
	<Select
		label="Measured in"
		value={shelf.additive.unit}
		options={UNITS}
		onchange={(unit) => onchange((draft) => (draft.additive.unit = unit))}
	/>
	<NumberField
		label="For so much lightener"
		value={shelf.additive.perGrams}
		{...BOUNDS.additivePerGrams}
		unit="g"
		onchange={(v) => onchange((draft) => (draft.additive.perGrams = v))}
	/>
</div>

<script lang="ts">
	import { BOUNDS } from '../../core/vocabulary';
	import type { Shelf } from '../../schema/records';
	import { useRecords } from '../../state/records';
	import NumberField from '../../ui/NumberField.svelte';
	import TextField from '../../ui/TextField.svelte';
	import PlaceHead from '../../widgets/PlaceHead.svelte';
	import SalonWays from './SalonWays.svelte';

	const { workspace } = useRecords();
	const shelf = $derived(workspace.shelf);
	const change = (recipe: (draft: Shelf) => unknown) =>
		shelf && workspace.transact('shelf', (draft) => recipe(draft.shelf(shelf.id)));
	const COSTS = [
		{ key: 'lightener', label: '100 g of lightener' },
		{ key: 'developer', label: '100 g of developer' },
		{ key: 'colour', label: '100 g of colour' }
	] as const;
	const currency = $derived(shelf?.rates?.currency ?? 'EUR');
	let misread = $state('');
	const setRates = (rates: Partial<NonNullable<Shelf['rates']>>) =>
		change(
			(draft) =>
				(draft.rates = { currency: 'EUR', perHour: 0, perApplication: 0, ...draft.rates, ...rates })
		);
	function setCurrency(text: string) {
		const code = text.trim().toUpperCase();
		const known = /^[A-Z]{3}$/.test(code);
		misread = known ? '' : 'Three letters. The last good value is kept.';
		if (known) setRates({ currency: code });
	}
</script>

<PlaceHead title="How this salon works">
	<a class="inline-flex tap items-center" href="/shelf">Back to the shelf</a>
</PlaceHead>

{#if shelf}
	<SalonWays {shelf} onchange={change} />
	<h2 class="mt-6 mb-1 text-18">Prices</h2>
	<div class="grid grid-cols-[repeat(auto-fill,minmax(180px,1fr))] items-start gap-x-6 gap-y-3">
		<NumberField
			label="An hour at the chair"
			value={shelf.rates?.perHour}
			{...BOUNDS.rate}
			unit={currency}
			onchange={(v) => setRates({ perHour: v })}
		/>
		<NumberField
			label="Materials, one application"
			value={shelf.rates?.perApplication}
			{...BOUNDS.rate}
			unit={currency}
			onchange={(v) => setRates({ perApplication: v })}
		/>
		{#each COSTS as { key, label } (key)}
			<NumberField
				{label}
				value={shelf.costs?.[key]}
				{...BOUNDS.costPer100g}
				step={0.01}
				unit={currency}
				onchange={(v) =>
					change(
						(draft) =>
							(draft.costs = { lightener: 0, developer: 0, colour: 0, ...draft.costs, [key]: v })
					)}
			/>
		{/each}
		<TextField
			label="Currency"
			hint="three letters"
			value={currency}
			fault={misread}
			oninput={setCurrency}
		/>
		<TextField
			label="Lightener’s name"
			value={shelf.lightenerName}
			oninput={(v) => change((draft) => (draft.lightenerName = v.slice(0, 80)))}
		/>
	</div>
{/if}

<script lang="ts">
	import { BOUNDS } from '../../core/vocabulary';
	import { salonForm, type SalonSettings } from '../../schema/forms';
	import type { Shelf } from '../../schema/records';
	import { useRecords } from '../../state/records';
	import { waitingForms } from '../../state/waitingForms.svelte';
	import Button from '../../ui/Button.svelte';
	import { askedForm } from '../../state/sentForm.svelte';
	import NumberField from '../../ui/NumberField.svelte';
	import { say } from '../../ui/say.svelte';
	import TextField from '../../ui/TextField.svelte';
	import SalonWays from './SalonWays.svelte';
	import FormClashes from '../../widgets/FormClashes.svelte';
	import { letGo } from '../../widgets/letGo';
	import { fieldWords } from '../../wording/forms';

	interface Props {
		shelf: Shelf;
	}
	let { shelf }: Props = $props();
	const { workspace } = useRecords();
	// svelte-ignore state_referenced_locally
	// The page lays the form anew where the shelf has changed.
	const { id } = shelf;
	// svelte-ignore state_referenced_locally
	const asked = askedForm({
		name: 'salon',
		title: 'how this salon works',
		path: '/shelf/salon',
		schema: salonForm,
		initial: salonForm.parse(shelf),
		current: () => salonForm.parse(workspace.shelf ?? shelf),
		send(ways) {
			const step = workspace.transact('how this salon works', (draft) => {
				Object.assign(draft.shelf(id), ways);
			});
			say('Kept. Every visit that is open follows it.', () => workspace.undo(step));
		}
	});
	const { form, errors, enhance, tainted, isTainted } = asked.form;
	const waiting = $derived(waitingForms.of('salon'));
	const change = (recipe: (draft: SalonSettings) => unknown) =>
		form.update((draft) => {
			recipe(draft);
			return draft;
		});
	const COSTS = [
		{ key: 'lightener', label: '100 g of lightener' },
		{ key: 'developer', label: '100 g of developer' },
		{ key: 'colour', label: '100 g of colour' }
	] as const;
	const currency = $derived($form.rates?.currency ?? 'EUR');
	const setRates = (rates: Partial<NonNullable<SalonSettings['rates']>>) =>
		change((draft) => {
			draft.rates = { currency: 'EUR', perHour: 0, perApplication: 0, ...draft.rates, ...rates };
		});
</script>

<form method="post" novalidate use:enhance>
	<SalonWays shelf={{ ...shelf, ...$form }} onchange={change} />
	<h2 class="mt-6 mb-1 text-18">Prices</h2>
	<div class="grid grid-cols-[repeat(auto-fill,minmax(180px,1fr))] items-start gap-x-6 gap-y-3">
		<NumberField
			label="An hour at the chair"
			value={$form.rates?.perHour}
			{...BOUNDS.rate}
			unit={currency}
			onchange={(v) => setRates({ perHour: v })}
		/>
		<NumberField
			label="Materials, one application"
			value={$form.rates?.perApplication}
			{...BOUNDS.rate}
			unit={currency}
			onchange={(v) => setRates({ perApplication: v })}
		/>
		<NumberField
			label="Each foil"
			value={$form.rates?.perFoil}
			{...BOUNDS.rate}
			unit={currency}
			onchange={(v) => setRates({ perFoil: v })}
		/>
		<NumberField
			label="Each gram mixed"
			value={$form.rates?.perGram}
			{...BOUNDS.rate}
			step={0.01}
			unit={currency}
			onchange={(v) => setRates({ perGram: v })}
		/>
		{#each COSTS as { key, label } (key)}
			<NumberField
				{label}
				value={$form.costs?.[key]}
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
			fault={$errors.rates?.currency?.[0]}
			oninput={(text) => setRates({ currency: text.trim().toUpperCase() })}
		/>
		<TextField
			label="Lightener’s name"
			value={$form.lightenerName}
			fault={$errors.lightenerName?.[0]}
			oninput={(v) => change((draft) => (draft.lightenerName = v))}
		/>
	</div>
	<div
		class="sticky bottom-0 mt-6 flex flex-wrap items-center gap-3 border-t border-line bg-room py-3"
	>
		<!-- In sight wherever somebody had scrolled to. -->
		<div class="w-full">
			<FormClashes clashes={asked.clashes} nameOf={fieldWords} ondecide={asked.decide} />
		</div>
		<Button primary type="submit" disabled={!isTainted($tainted)}>Keep it so</Button>
		{#if isTainted($tainted)}
			{#if waiting}
				<Button onclick={() => letGo(waiting)}>As it was</Button>
			{/if}
			<span class="text-ink-soft" role="status">Not kept yet: visits go by what was kept.</span>
		{/if}
	</div>
</form>

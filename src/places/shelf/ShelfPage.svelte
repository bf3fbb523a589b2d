<script lang="ts">
	import { BOUNDS } from '../../core/vocabulary';
	import { say } from '../../ui/say.svelte';
	import { useRecords } from '../../state/records';
	import { newId } from '../../model/identity';
	import type { Shelf } from '../../schema/records';
	import Button from '../../ui/Button.svelte';
	import NumberField from '../../ui/NumberField.svelte';
	import TextField from '../../ui/TextField.svelte';
	import LineEditor from './LineEditor.svelte';
	import SalonWays from './SalonWays.svelte';
	import PlaceHead from '../../widgets/PlaceHead.svelte';

	const { workspace } = useRecords();
	const shelf = $derived(workspace.shelf);
	const stock = $derived((shelf?.developers ?? []).toSorted((a, b) => a - b));
	let volume = $state<number | undefined>(undefined);

	const change = (recipe: (draft: Shelf) => unknown, label = 'shelf'): string | undefined =>
		shelf && workspace.transact(label, (draft) => recipe(draft.shelf(shelf.id)));
	const COSTS = [
		{ key: 'lightener', label: '100 g of lightener' },
		{ key: 'developer', label: '100 g of developer' },
		{ key: 'colour', label: '100 g of colour' }
	] as const;
	const currency = $derived(shelf?.rates?.currency ?? 'EUR');
	const setRates = (rates: Partial<NonNullable<Shelf['rates']>>) =>
		change(
			(draft) =>
				(draft.rates = { currency: 'EUR', perHour: 0, perApplication: 0, ...draft.rates, ...rates })
		);
	function addDeveloper() {
		if (volume === undefined) return;
		const added = volume;
		change((draft) => {
			if (!draft.developers.includes(added)) draft.developers.push(added);
		});
		volume = undefined;
	}
	function addLine() {
		change((draft) => {
			draft.lines.push({
				id: newId(),
				name: 'New line',
				vehicle: 'demi',
				ratio: 2,
				minutes: 20,
				developerVolume: 10,
				key: {},
				shades: []
			});
		});
	}
	function removeLine(id: string) {
		const name = shelf?.lines.find((line) => line.id === id)?.name ?? 'Line';
		const step = change(
			(draft) => (draft.lines = draft.lines.filter((line) => line.id !== id)),
			`${name} removed`
		);
		say(`${name} removed.`, () => workspace.undo(step));
	}
</script>

<PlaceHead title="Shelf">
	<a class="inline-flex tap items-center" href="/shelf/ring"
		>{shelf?.ladder ? 'Swatch ring: your own levels' : 'Swatch ring: the usual levels'}</a
	>
	<Button primary onclick={addLine}>Add a line</Button>
</PlaceHead>

{#if shelf}
	<section>
		<h2 class="mb-1 text-18">Developers in stock</h2>
		<ul class="flex flex-wrap gap-x-9 gap-y-1">
			{#each stock as strength (strength)}
				<li>
					<span class="figure text-22">{strength} vol</span>
					<span class="text-ink-soft">{Math.round(strength * 3) / 10} %</span>
					<button
						class="tap text-ink-soft underline underline-offset-3"
						aria-label="Take {strength} vol off the shelf"
						onclick={() =>
							change(
								(draft) => (draft.developers = draft.developers.filter((v) => v !== strength))
							)}>remove</button
					>
				</li>
			{/each}
		</ul>
		<div
			class="row mt-2 mb-5 grid grid-cols-[150px_auto_minmax(0,240px)] items-end justify-start gap-x-6 gap-y-3 max-desk:grid-cols-[minmax(0,1fr)_auto]"
		>
			<NumberField
				label="Another strength"
				value={volume}
				{...BOUNDS.volume}
				step={0.5}
				unit="vol"
				onchange={(v) => (volume = v)}
			/>
			<Button disabled={volume === undefined} onclick={addDeveloper}>Add</Button>
			<TextField
				label="Lightener’s name"
				value={shelf.lightenerName}
				oninput={(v) => change((draft) => (draft.lightenerName = v.slice(0, 80)))}
			/>
		</div>
		<SalonWays {shelf} onchange={change} />
		<h2 class="mb-1 text-18">Prices</h2>
		<div
			class="row mt-2 mb-5 grid grid-cols-[150px_auto_minmax(0,240px)] items-end justify-start gap-x-6 gap-y-3 max-desk:grid-cols-[minmax(0,1fr)_auto]"
		>
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
				label="Currency, three letters"
				value={currency}
				oninput={(v) => {
					const code = v.trim().toUpperCase();
					if (/^[A-Z]{3}$/.test(code)) setRates({ currency: code });
				}}
			/>
		</div>
	</section>
	{#if shelf.lines.length === 0}
		<p class="text-ink-soft">
			No colour yet. Add a line with the shades you own; Tone searches among them.
		</p>
	{/if}
	{#each shelf.lines as line, i (line.id)}
		<LineEditor
			{line}
			onchange={(recipe) => change((draft) => recipe(draft.lines[i]!))}
			onremove={() => removeLine(line.id)}
		/>
	{/each}
{/if}

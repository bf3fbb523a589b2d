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
	<a class="ring" href="/shelf/ring"
		>{shelf?.ladder ? 'Swatch ring: your own levels' : 'Swatch ring: the usual levels'}</a
	>
	<Button primary onclick={addLine}>Add a line</Button>
</PlaceHead>

{#if shelf}
	<section>
		<h2>Developers in stock</h2>
		<ul class="stock">
			{#each stock as strength (strength)}
				<li>
					<span class="figure">{strength} vol</span>
					<span class="soft">{Math.round(strength * 3) / 10} %</span>
					<button
						aria-label="Take {strength} vol off the shelf"
						onclick={() =>
							change(
								(draft) => (draft.developers = draft.developers.filter((v) => v !== strength))
							)}>remove</button
					>
				</li>
			{/each}
		</ul>
		<div class="row">
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
		<h2>Prices</h2>
		<div class="row">
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
		<p class="soft">No colour yet. Add a line with the shades you own; Tone searches among them.</p>
	{/if}
	{#each shelf.lines as line, i (line.id)}
		<LineEditor
			{line}
			onchange={(recipe) => change((draft) => recipe(draft.lines[i]!))}
			onremove={() => removeLine(line.id)}
		/>
	{/each}
{/if}

<style>
	h2 {
		font-size: 17px;
		margin-bottom: 4px;
	}
	.ring {
		display: inline-flex;
		align-items: center;
		min-height: 44px;
	}
	.stock {
		display: flex;
		flex-wrap: wrap;
		gap: 4px 34px;
	}
	.stock .figure {
		font-size: 22px;
	}
	.stock button {
		min-height: 44px;
		border: 0;
		background: none;
		text-decoration: underline;
		text-underline-offset: 3px;
		color: var(--ink-soft);
	}
	.row {
		display: grid;
		grid-template-columns: 150px auto minmax(0, 240px);
		justify-content: start;
		gap: 12px 24px;
		align-items: end;
		margin: 10px 0 22px;
	}
	.soft {
		color: var(--ink-soft);
	}
	@media (max-width: 900px) {
		.row {
			grid-template-columns: minmax(0, 1fr) auto;
		}
	}
</style>

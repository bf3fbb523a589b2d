<script lang="ts">
	import { BOUNDS } from '../../core/vocabulary';
	import { countStock, dropStock } from '../../model/commands/stock';
	import { dayAfter } from '../../model/time';
	import type { StockRow } from '../../model/shelf/stock';
	import type { Shelf, StockItem } from '../../schema/records';
	import { useClock } from '../../state/clock.svelte';
	import { useRecords } from '../../state/records';
	import Button from '../../ui/Button.svelte';
	import DateField from '../../ui/DateField.svelte';
	import NumberField from '../../ui/NumberField.svelte';
	import { say } from '../../ui/say.svelte';
	import Tick from '../../ui/Tick.svelte';
	import Sheet from '../../ui/Sheet.svelte';

	interface Props {
		shelf: Shelf;
		key: string;
		name: string;
		/** As it was counted before; nothing where nobody did. */
		row: StockRow | undefined;
		onclose: () => void;
	}
	let { shelf, key, name, row, onclose }: Props = $props();
	const { workspace } = useRecords();
	const clock = useClock();
	// svelte-ignore state_referenced_locally
	// The sheet is opened anew for another thing.
	let item = $state<Omit<StockItem, 'countedAt'>>(
		row
			? { ...row.item, grams: Math.round(row.left.grams) }
			: {
					grams: key.startsWith('colour') ? 60 : 500,
					packGrams: key.startsWith('colour') ? 60 : 500
				}
	);
	const currency = $derived(shelf.rates?.currency ?? 'EUR');
	function keep() {
		const counted: StockItem = { ...$state.snapshot(item), countedAt: clock.now().toISOString() };
		const step = workspace.transact(`${name} counted`, (draft) =>
			countStock(draft.shelf(shelf.id), key, counted)
		);
		say(`${name}: ${counted.grams} g.`, () => workspace.undo(step));
		onclose();
	}
	function drop() {
		const step = workspace.transact(`${name} no longer counted`, (draft) =>
			dropStock(draft.shelf(shelf.id), key)
		);
		say(`${name} is no longer counted.`, () => workspace.undo(step));
		onclose();
	}
</script>

<Sheet open title={name} {onclose}>
	<div class="grid grid-cols-2 items-end gap-x-5 gap-y-3">
		<NumberField
			label="Stands there now"
			value={item.grams}
			{...BOUNDS.stockGrams}
			unit="g"
			onchange={(v) => (item.grams = v)}
		/>
		<NumberField
			label="Buy below"
			value={item.leastGrams}
			{...BOUNDS.stockGrams}
			unit="g"
			onchange={(v) => (item.leastGrams = v)}
		/>
		<NumberField
			label="In one pack"
			value={item.packGrams}
			{...BOUNDS.packGrams}
			unit="g"
			onchange={(v) => (item.packGrams = v)}
		/>
		<NumberField
			label="Price of a pack"
			value={item.packPrice}
			{...BOUNDS.rate}
			unit={currency}
			onchange={(v) => (item.packPrice = v)}
		/>
		<Tick
			label="It has a date"
			checked={item.useBy !== undefined}
			onchange={(dated) => {
				if (dated) item.useBy = dayAfter(clock.today, 365);
				else delete item.useBy;
			}}
		/>
		{#if item.useBy}
			<DateField label="Use by" value={item.useBy} onchange={(v) => (item.useBy = v)} />
		{/if}
	</div>
	<div class="flex flex-wrap gap-3 pt-4">
		{#if row}<Button onclick={drop}>Stop counting</Button>{/if}
		<Button primary onclick={keep}>Counted</Button>
	</div>
</Sheet>

<script lang="ts">
	import {
		moneyByMonth,
		reorderCsv,
		stockKey,
		stockRows,
		stockThings,
		toBuy
	} from '../../model/shelf/stock';
	import { useClock } from '../../state/clock.svelte';
	import { useRecords } from '../../state/records';
	import Button from '../../ui/Button.svelte';
	import Combobox from '../../ui/Combobox.svelte';
	import { downloadText, fileName } from '../../ui/download';
	import ReadingBook from '../../widgets/ReadingBook.svelte';
	import PlaceHead from '../../widgets/PlaceHead.svelte';
	import { thingWords } from '../../wording/stock';
	import CountSheet from './CountSheet.svelte';
	import Money from './Money.svelte';
	import StockTable from './StockTable.svelte';

	const { workspace } = useRecords();
	const clock = useClock();
	const shelf = $derived(workspace.shelf);
	const { book } = workspace;
	void book.read();
	const rows = $derived(shelf ? stockRows(shelf, book.leaves, clock.today) : []);
	const buying = $derived(toBuy(rows));
	const nameOf = (thing: Parameters<typeof thingWords>[0]) =>
		thingWords(thing, shelf?.lightenerName ?? '');
	const things = $derived(
		(shelf ? stockThings(shelf) : []).map((thing) => ({
			value: stockKey(thing),
			label: nameOf(thing),
			thing
		}))
	);
	const uncounted = $derived(things.filter(({ value }) => !rows.some(({ key }) => key === value)));
	let countedKey = $state<string>();
	const counted = $derived(things.find(({ value }) => value === countedKey));
	const months = $derived(moneyByMonth(book.leaves, shelf));
	const buy = () =>
		downloadText(fileName('to-buy', clock.today, 'csv'), 'text/csv', reorderCsv(rows, nameOf));
</script>

<PlaceHead
	title={rows.length === 0
		? 'Nothing is counted yet'
		: buying.length === 0
			? 'Enough of everything that is counted'
			: `${buying.length} thing${buying.length === 1 ? '' : 's'} to buy`}
	above="Stock and money"
>
	<a class="inline-flex tap items-center" href="/shelf">Back to the shelf</a>
	{#if buying.length > 0}<Button onclick={buy}>List for who buys</Button>{/if}
</PlaceHead>

<ReadingBook />
{#if shelf}
	<p class="max-w-173 text-ink-soft">
		What is counted here counts down by itself, by every gram that is weighed for a bowl.
	</p>
	<div class="max-w-90 py-2">
		<Combobox
			label="Count something"
			options={uncounted}
			hint="a tub, a bottle, a tube"
			onpick={(key) => (countedKey = key)}
		/>
	</div>
	{#if rows.length > 0}
		<StockTable {rows} {nameOf} {shelf} oncount={(key) => (countedKey = key)} />
	{/if}
	<Money {months} {shelf} />
	{#if counted}
		<CountSheet
			{shelf}
			key={counted.value}
			name={counted.label}
			row={rows.find(({ key }) => key === counted.value)}
			onclose={() => (countedKey = undefined)}
		/>
	{/if}
{/if}

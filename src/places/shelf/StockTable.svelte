<script lang="ts">
	import type { StockRow, StockThing } from '../../model/shelf/stock';
	import type { Shelf } from '../../schema/records';
	import Button from '../../ui/Button.svelte';
	import Table from '../../ui/Table.svelte';
	import type { TableColumn } from '../../ui/table';
	import { formatStock, goodWords, lastsWords } from '../../wording/stock';
	import { formatDate } from '../../wording/words';

	interface Props {
		rows: readonly StockRow[];
		shelf: Shelf;
		nameOf: (thing: StockThing) => string;
		oncount: (key: string) => void;
	}
	let { rows, shelf, nameOf, oncount }: Props = $props();
	const price = (perGram: number | undefined) =>
		perGram === undefined
			? ''
			: new Intl.NumberFormat(undefined, {
					style: 'currency',
					currency: shelf.rates?.currency ?? 'EUR',
					minimumFractionDigits: 2,
					maximumFractionDigits: 2
				}).format(perGram * 100);
	const isOpen = (thing: StockThing) =>
		thing.kind === 'colour' &&
		shelf.lines.some(({ shades }) => shades.some(({ id, open }) => id === thing.shadeId && open));
	const columns: readonly TableColumn<StockRow>[] = [
		{
			id: 'what',
			head: 'What',
			value: ({ thing }) => nameOf(thing),
			track: 'minmax(130px,1.4fr)',
			fixed: true
		},
		{ id: 'left', head: 'Left', value: ({ left }) => left.grams, track: 'minmax(96px,1fr)' },
		{ id: 'lasts', head: 'Lasts', value: ({ left }) => left.weeks, track: '120px' },
		{ id: 'price', head: '100 g', value: ({ perGram }) => perGram, track: '64px', end: true },
		{ id: 'counted', head: 'Counted', value: ({ item }) => item.countedAt, track: '96px' },
		{ id: 'buy', head: 'To buy', value: ({ left }) => left.packs, track: '104px' },
		{ id: 'count', head: 'Count', value: () => undefined, track: '78px' }
	];
</script>

<Table label="Stock" {rows} {columns} keyOf={({ key }) => key}>
	{#snippet cell({ thing, left, item, perGram, key, daysGood }, column)}
		{#if column === 'what'}
			<b>{nameOf(thing)}</b>
			{#if isOpen(thing)}<span class="block text-13 leading-close text-ink-soft">open</span>{/if}
		{:else if column === 'left'}
			<b class="figure text-18">{formatStock(left.grams)}</b>
			<!-- How full it is, as far as it was when it was counted. -->
			<span class="mt-0.5 block h-1 bg-line"
				><span
					class="block h-1 bg-ink"
					style:width="{Math.min(100, (100 * left.grams) / Math.max(1, item.grams))}%"
				></span></span
			>
			{#if left.miscounted}<span class="block text-13 leading-close text-ask"
					>more was weighed: count again</span
				>{/if}
		{:else if column === 'lasts'}{lastsWords(left.weeks)}
		{:else if column === 'price'}{price(perGram)}
		{:else if column === 'counted'}{formatDate(item.countedAt.slice(0, 10))}
		{:else if column === 'buy'}
			{@const good = goodWords(daysGood)}
			<!-- An empty cell is no cell where a row flows. -->
			{#if left.packs > 0 || good}
				{#if left.packs > 0}<b>{left.packs} × {formatStock(item.packGrams)}</b>{/if}
				{#if good}<span class="block text-13 leading-close text-ask">{good}</span>{/if}
			{/if}
		{:else}
			<Button onclick={() => oncount(key)} aria-label="Count {nameOf(thing)}">Count</Button>
		{/if}
	{/snippet}
</Table>

import { group, mean, sum } from 'd3-array';
import { csvFormat } from 'd3-dsv';
import { stockLeft, type StockLeft } from '../../core/mix';
import { CHOSEN_PRODUCTS, factsOf, type Product } from '../../core/vocabulary';
import type { Shelf, StockItem, Visit } from '../../schema/records';
import { dayAfter, DAYS_PER_WEEK, daysBetween, type Day } from '../time';
import { MAIN_STEP, planIn } from '../day/steps';

/** Something that is counted on a shelf: which one it is, whatever it is called. */
export type StockThing =
	| { readonly kind: 'lightener'; readonly product: Product }
	| { readonly kind: 'developer'; readonly volume: number }
	| {
			readonly kind: 'colour';
			readonly shadeId: string;
			readonly code: string;
			readonly line: string;
	  };

/** A wash is powder with shampoo in it: it comes out of the same tub. */
export const lightenerKey = (product: Product): string =>
	`lightener:${factsOf(product).kind === 'wash' ? 'powder' : product}`;

/** What a thing goes by in the records. */
export function stockKey(thing: StockThing): string {
	switch (thing.kind) {
		case 'lightener':
			return lightenerKey(thing.product);
		case 'developer':
			return `developer:${thing.volume}`;
		case 'colour':
			return `colour:${thing.shadeId}`;
	}
}

/** Everything on a shelf that can be counted: lighteners, developers, and every shade of every line. */
export const stockThings = (shelf: Shelf): StockThing[] => [
	...CHOSEN_PRODUCTS.filter((product) => factsOf(product).kind === 'lightener').map(
		(product) => ({ kind: 'lightener', product }) as const
	),
	...shelf.developers
		.toSorted((p, q) => p - q)
		.map((volume) => ({ kind: 'developer', volume }) as const),
	...shelf.lines.flatMap(({ name, shades }) =>
		shades.map(({ id, code }) => ({ kind: 'colour', shadeId: id, code, line: name }) as const)
	)
];

/** Of late is this long, weeks. */
const LATELY_WEEKS = 8;

/** Something that was weighed: what it goes by on the shelf, and when. */
export interface Used {
	readonly key: string;
	readonly at: string;
	readonly grams: number;
}

/** Everything that was weighed at a visit, by what it goes by on the shelf. */
export function usedAt(visit: Visit): Used[] {
	return visit.bowls.mixed.flatMap(({ at, step, parts }) => {
		const plan = planIn(visit, step ?? MAIN_STEP) ?? visit.lift;
		return parts.flatMap(({ key, grams }): Used[] => {
			const of =
				key === 'lightener'
					? lightenerKey(plan.product)
					: key === 'second' && plan.second
						? lightenerKey(plan.second.product)
						: key;
			return of === 'additive' ? [] : [{ key: of, at, grams }];
		});
	});
}

/** A thing that was counted, with what is left of it. */
export interface StockRow {
	readonly thing: StockThing;
	readonly key: string;
	readonly item: StockItem;
	readonly left: StockLeft;
	/** Grams weighed since it was counted. */
	readonly used: number;
	/** Price of a gram; nothing where no price is known. */
	readonly perGram: number | undefined;
	/** Days until it is past its date; negative where it is. */
	readonly daysGood: number | undefined;
}

/** What was counted and what is left of it by now, in the order of the shelf. */
export function stockRows(
	shelf: Shelf,
	visits: Iterable<{ readonly used: readonly Used[] }>,
	today: Day
): StockRow[] {
	const { stock } = shelf;
	if (!stock) return [];
	const lately = dayAfter(today, -LATELY_WEEKS * DAYS_PER_WEEK);
	const since = new Map<string, number>();
	const late = new Map<string, number>();
	const add = (to: Map<string, number>, key: string, grams: number) =>
		to.set(key, (to.get(key) ?? 0) + grams);
	for (const { used } of visits)
		for (const { key, at, grams } of used) {
			const item = stock[key];
			if (item && at > item.countedAt) add(since, key, grams);
			if (at.slice(0, 10) >= lately) add(late, key, grams);
		}
	return stockThings(shelf).flatMap((thing): StockRow[] => {
		const key = stockKey(thing);
		const item = stock[key];
		if (!item) return [];
		const used = since.get(key) ?? 0;
		return [
			{
				thing,
				key,
				item,
				used,
				left: stockLeft(item, used, (late.get(key) ?? 0) / LATELY_WEEKS),
				perGram: item.packPrice === undefined ? undefined : item.packPrice / item.packGrams,
				daysGood: item.useBy === undefined ? undefined : daysBetween(today, item.useBy)
			}
		];
	});
}

/** What is to be bought: everything of which too little is left, or whose date is past. */
export const toBuy = (
	rows: readonly StockRow[]
): { readonly row: StockRow; readonly packs: number }[] =>
	rows.flatMap((row) => {
		const past = row.daysGood !== undefined && row.daysGood < 0;
		const packs = Math.max(row.left.packs, past ? 1 : 0);
		return packs > 0 ? [{ row, packs }] : [];
	});

/**
 * The list for who buys, as a table in a file.
 * @param nameOf what a thing is called
 */
export const reorderCsv = (
	rows: readonly StockRow[],
	nameOf: (thing: StockThing) => string
): string =>
	csvFormat(
		toBuy(rows).map(({ row: { thing, item, left }, packs }) => ({
			what: nameOf(thing).replace(/^(?=[=+\-@\t\r])/, "'"),
			packs,
			'grams a pack': item.packGrams,
			'grams left': Math.round(left.grams),
			price: item.packPrice === undefined ? '' : packs * item.packPrice
		}))
	);

/** What a gram of something costs: by its own pack, or else by what the salon says of all of its kind. */
export function gramPrice(
	shelf: Shelf | undefined,
	key: string,
	kind: 'lightener' | 'developer' | 'colour'
): number | undefined {
	const item = shelf?.stock?.[key];
	if (item?.packPrice !== undefined) return item.packPrice / item.packGrams;
	return shelf?.costs && shelf.costs[kind] / 100;
}

/** What the materials of a visit cost by what was weighed; nothing where nothing was, or no price is known. */
export function weighedCost(used: readonly Used[], shelf: Shelf | undefined): number | undefined {
	if (used.length === 0) return undefined;
	let sum = 0;
	for (const { key, grams } of used) {
		const kind = key.split(':')[0];
		if (kind !== 'lightener' && kind !== 'developer' && kind !== 'colour') continue;
		const price = gramPrice(shelf, key, kind);
		if (price === undefined) return undefined;
		sum += price * grams;
	}
	return sum;
}

/** What a visit adds to the books. */
export interface BookedVisit {
	readonly date: Day;
	readonly used: readonly Used[];
	/** Minutes it took and what was asked; nothing before it is recorded. */
	readonly came:
		| {
				readonly minutes: number | undefined;
				readonly price: number | undefined;
				readonly plannedMinutes?: number | undefined;
		  }
		| undefined;
}

/** What a month took and earned. */
export interface MonthMoney {
	/** “2026-03”. */
	readonly month: string;
	readonly visits: number;
	readonly minutes: number;
	/** What was asked, over the visits of which that is known. */
	readonly asked: number;
	readonly askedVisits: number;
	readonly materials: number;
	/** What an hour at the chair earned, materials taken off, over the visits of which price and time are known. */
	readonly hourEarned: number | undefined;
	/** Minutes that a visit took over what was planned, on average of those of which both are known. */
	readonly overMinutes: number | undefined;
}

/** Month by month, the latest first, of visits that were recorded. */
export function moneyByMonth(
	visits: Iterable<BookedVisit>,
	shelf: Shelf | undefined
): MonthMoney[] {
	const byMonth = group(
		[...visits].flatMap(({ date, used, came }) =>
			came ? [{ month: date.slice(0, 7), ...came, materials: weighedCost(used, shelf) ?? 0 }] : []
		),
		({ month }) => month
	);
	const months = [...byMonth].map(([month, all]): MonthMoney => {
		const priced = all.filter(({ price }) => price !== undefined);
		const timed = priced.filter(({ minutes = 0 }) => minutes > 0);
		const hours = sum(timed, ({ minutes = 0 }) => minutes) / 60;
		const judged = all.flatMap(({ minutes, plannedMinutes }) =>
			minutes === undefined || plannedMinutes === undefined ? [] : [minutes - plannedMinutes]
		);
		return {
			month,
			visits: all.length,
			minutes: sum(all, ({ minutes = 0 }) => minutes),
			asked: sum(priced, ({ price = 0 }) => price),
			askedVisits: priced.length,
			materials: sum(all, ({ materials }) => materials),
			hourEarned:
				hours > 0 ? sum(timed, ({ price = 0, materials }) => price - materials) / hours : undefined,
			overMinutes: mean(judged)
		};
	});
	return months.sort((p, q) => q.month.localeCompare(p.month));
}

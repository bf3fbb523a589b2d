/** What a cell is sorted by. */
export type CellValue = string | number | undefined;

/** A column of a table of rows. */
export interface TableColumn<T> {
	readonly id: string;
	readonly head: string;
	/** What it is sorted by, and what it says where no cell is drawn for it; nothing sorts last. */
	readonly value: (row: T) => CellValue;
	/** Its width as a track of a grid; an even share where it has none. */
	readonly track?: string;
	/** Figures stand at the end of their column. */
	readonly end?: boolean;
	/** Cannot be put away. */
	readonly fixed?: boolean;
}

/** The column that rows are sorted by. */
export interface SortedBy {
	readonly id: string;
	readonly desc?: boolean;
}

/** One for all: to make it is slow, to use it is not. */
const collator = new Intl.Collator(undefined, { numeric: true });

/** Figures by size, words as the page's language puts them; what is missing comes last. */
export function collate(p: CellValue, q: CellValue): number {
	if (p === undefined || q === undefined) return Number(p === undefined) - Number(q === undefined);
	if (typeof p === 'number' && typeof q === 'number') return p - q;
	return collator.compare(String(p), String(q));
}

/**
 * Rows sorted by what a column says of them; those of which it says nothing come last either way. Words are put in
 * order once for each word and not for each row: a long list says the same few days and names.
 */
export function sortedRows<T>(rows: readonly T[], value: (row: T) => CellValue, desc = false): T[] {
	const values = rows.map(value);
	const distinct = [...new Set(values)].sort(collate);
	// What stands at the same place in that order has one rank, however it is spelled.
	let rank = 0;
	const ranks = new Map(
		distinct.map((each, i) => {
			if (i > 0 && collate(distinct[i - 1], each) !== 0) rank++;
			return [each, rank];
		})
	);
	const turned = desc ? -1 : 1;
	const rankOf = (i: number): number => {
		const each = values[i];
		return each === undefined ? Infinity : turned * ranks.get(each)!;
	};
	const keys = values.map((_, i) => rankOf(i));
	return rows
		.map((_, i) => i)
		.sort((p, q) => (keys[p] === keys[q] ? 0 : keys[p]! < keys[q]! ? -1 : 1))
		.map((i) => rows[i]!);
}

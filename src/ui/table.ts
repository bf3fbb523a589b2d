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

/** One for all: to make it is slow, to use it is not. */
const collator = new Intl.Collator(undefined, { numeric: true });

/** Figures by size, words as the page's language puts them; what is missing comes last. */
export function collate(p: CellValue, q: CellValue): number {
	if (p === undefined || q === undefined) return Number(p === undefined) - Number(q === undefined);
	if (typeof p === 'number' && typeof q === 'number') return p - q;
	return collator.compare(String(p), String(q));
}

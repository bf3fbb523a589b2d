import { createWindowVirtualizer, type VirtualItem } from '@tanstack/svelte-virtual';
import { mean } from 'd3-array';
import { fromStore, get } from 'svelte/store';

/** A row before any is drawn, px. */
const GUESSED_PX = 56;
/** Rows drawn first tell how tall the others are likely to be: else the page would shift under whoever scrolls. */
const TELLING_ROWS = 10;

/** Which rows of a long table are drawn, and where: those that the window shows. */
export class LongRows {
	readonly #virtualizer = createWindowVirtualizer<HTMLElement>({
		count: 0,
		estimateSize: () => GUESSED_PX,
		overscan: 4
	});
	readonly #now = fromStore(this.#virtualizer);
	readonly #heights: number[] = [];
	/** Height of a row as those that were drawn have it, px. */
	#typical = $state.raw(GUESSED_PX);

	/**
	 * @param ids of the rows in their order
	 * @param body what they stand in, once it is there
	 */
	constructor(ids: () => readonly string[], body: () => HTMLElement | undefined) {
		$effect(() => {
			const rows = ids();
			const typical = this.#typical;
			const frame = body();
			get(this.#virtualizer).setOptions({
				count: rows.length,
				getItemKey: (index) => rows[index] ?? index,
				estimateSize: () => typical,
				scrollMargin: frame ? frame.getBoundingClientRect().top + window.scrollY : 0
			});
		});
	}

	get drawn(): readonly VirtualItem[] {
		return this.#now.current.getVirtualItems();
	}
	/** All of them together, px. */
	get height(): number {
		return this.#now.current.getTotalSize();
	}
	/** Where a row begins in what it stands in, px. */
	startOf = ({ start }: VirtualItem): number => start - this.#now.current.options.scrollMargin;

	/** Measures a row that is drawn; an action of its element. */
	measured = (row: HTMLElement): void => {
		get(this.#virtualizer).measureElement(row);
		if (this.#heights.length >= TELLING_ROWS) return;
		this.#heights.push(row.offsetHeight);
		this.#typical = mean(this.#heights)!;
	};
	scrollTo(index: number): void {
		get(this.#virtualizer).scrollToIndex(index);
	}
}

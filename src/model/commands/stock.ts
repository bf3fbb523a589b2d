import type { Shelf, StockItem } from '../../schema/records';

/** Something on the shelf was counted, on a draft: from now on it counts down from there. */
export function countStock(draft: Shelf, key: string, item: StockItem): void {
	draft.stock = { ...draft.stock, [key]: item };
}

/** Nobody counts it any more, on a draft. */
export function dropStock(draft: Shelf, key: string): void {
	const left = Object.entries(draft.stock ?? {}).filter(([other]) => other !== key);
	if (left.length > 0) draft.stock = Object.fromEntries(left);
	else delete draft.stock;
}

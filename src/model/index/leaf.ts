import { usedAt, type Used } from '../shelf/stock';
import { rowsOf, type LedgerRow } from '../ledger/rows';
import type { Visit } from '../../schema/records';

/**
 * What a visit adds to the books: its rows in the ledger, what was weighed for it, what it took and earned. Made of
 * the visit and of nothing else, as its card is.
 */
export interface LedgerLeaf {
	readonly visitId: string;
	readonly date: string;
	readonly rows: readonly LedgerRow[];
	readonly used: readonly Used[];
	/** Minutes it took and what was asked; nothing before it is recorded. */
	readonly came:
		{ readonly minutes: number | undefined; readonly price: number | undefined } | undefined;
}

/** The leaf of a visit. */
export function leafOf(visit: Visit): LedgerLeaf {
	const { recordedAt, tookMinutes, price } = visit.result;
	return {
		visitId: visit.id,
		date: visit.date,
		rows: rowsOf(visit),
		used: usedAt(visit),
		came: recordedAt === undefined ? undefined : { minutes: tookMinutes, price }
	};
}

import { usedAt, type BookedVisit } from '../shelf/stock';
import { rowsOf, type LedgerRow } from '../ledger/rows';
import type { Visit } from '../../schema/records';

/**
 * What a visit adds to the books: its rows in the ledger, what was weighed for it, what it took and earned. Made of
 * the visit and of nothing else, as its card is.
 */
export interface LedgerLeaf extends BookedVisit {
	readonly visitId: string;
	readonly rows: readonly LedgerRow[];
}

/** The leaf of a visit. */
export function leafOf(visit: Visit): LedgerLeaf {
	const { recordedAt, tookMinutes, price, planned } = visit.result;
	return {
		visitId: visit.id,
		date: visit.date,
		rows: rowsOf(visit),
		used: usedAt(visit),
		came:
			recordedAt === undefined
				? undefined
				: { minutes: tookMinutes, price, plannedMinutes: planned?.minutes }
	};
}

import { WEEKS_PER_MONTH } from '../hair';
import { SCALP } from '../lift';
import type { ResultKind } from './resultKinds';
import { RETURN_WEEKS_BY_KIND, type Weeks } from './upkeep';

/** What says when somebody comes back. */
export interface WhenBackProblem {
	readonly kind: ResultKind;
	/** How fast this hair grows, cm a month, > 0. */
	readonly growthCmPerMonth: number;
	/** Week from which regrowth is plain to see; nothing where it never is. */
	readonly showsFrom?: number | undefined;
	/** Week in which half of the toner is gone; nothing where it lasts or there is none. */
	readonly fadesBy?: number | undefined;
	/** The regrowth is lightened from the skin next time: longer than the heat zone it would band. */
	readonly fromTheSkin: boolean;
}

/** Why the range is not the technique's own. */
export type BackReason = 'regrowth' | 'band' | 'fade';

/** When to come back, whatever is asked of it. */
export interface WhenBack extends Weeks {
	/** What moved it from what is usual for the technique; nothing where nothing did. */
	readonly because: readonly BackReason[];
	/** The usual of the technique. */
	readonly usual: Weeks;
	/** Week of a gloss in between, where the toner goes before the rest. */
	readonly glossWeek?: number | undefined;
}

/** Weeks after regrowth begins to show in which most people still come (reasoned: solid blonde, 5 to 8). */
const SHOWN_FOR = 3;
/** Nobody comes sooner for hair that was lightened. */
const LEAST_WEEKS = 2;
/** Kinds that are made so that regrowth does not matter, or that live by their tone alone. */
const GROWS_IN: readonly ResultKind[] = ['livedIn', 'rootMelt'];
const LIVES_BY_TONE: readonly ResultKind[] = ['pastel', 'freshen'];

/**
 * One answer to “when to come back”: the technique's usual weeks, moved by how fast this hair shows its regrowth,
 * kept within what does not band, and cut short where all there is to see is tone. A toner that goes before that asks
 * for a gloss in between.
 */
export function whenBack(problem: WhenBackProblem): WhenBack {
	const { kind, growthCmPerMonth, showsFrom, fadesBy, fromTheSkin } = problem;
	const usual = RETURN_WEEKS_BY_KIND[kind];
	const because: BackReason[] = [];
	let { from, to } = usual;
	if (showsFrom !== undefined && showsFrom < from && !GROWS_IN.includes(kind)) {
		from = Math.max(LEAST_WEEKS, showsFrom);
		to = Math.min(to, from + SHOWN_FOR);
		because.push('regrowth');
	}
	const bandsFrom = Math.floor((SCALP.heatZoneCm / growthCmPerMonth) * WEEKS_PER_MONTH);
	if (fromTheSkin && to > bandsFrom) {
		to = Math.max(LEAST_WEEKS, bandsFrom);
		because.push('band');
	}
	if (fadesBy !== undefined && LIVES_BY_TONE.includes(kind) && fadesBy < to) {
		to = Math.max(LEAST_WEEKS, fadesBy);
		because.push('fade');
	}
	from = Math.min(from, to);
	const glossWeek = fadesBy !== undefined && fadesBy < from ? fadesBy : undefined;
	return { from, to, usual, because, ...(glossWeek === undefined ? {} : { glossWeek }) };
}

import { CAUTION_LIMITS } from './limits';

const HOUR_MS = 3_600_000;
const DAY_MS = 24 * HOUR_MS;
const HOURS_PER_MONTH = 730;

/** A patch test: when it was put on, and whether the skin reacted. */
export interface PatchTest {
	/** ISO 8601. */
	readonly date: string;
	readonly reacted: boolean;
}

/** Where a client stands with patch tests. */
export type PatchStanding =
	| { readonly standing: 'none' | 'reacted' }
	/** Set less than two days ago: nothing can be read yet. */
	| { readonly standing: 'waiting'; readonly hoursAgo: number; readonly readableOn: string }
	| { readonly standing: 'valid'; readonly hoursAgo: number; readonly validUntil: string }
	/** Too long ago. */
	| { readonly standing: 'due'; readonly hoursAgo: number };

const isoDay = (ms: number): string => new Date(ms).toISOString().slice(0, 10);

/**
 * Where a client stands with patch tests at a moment. A reaction in any of them counts for good: an
 * allergy does not go away. Otherwise the latest decides: readable after 48 hours, valid for six
 * months (usual practice; the maker's directions go first).
 * @param at ISO 8601
 */
export function patchStanding(tests: readonly PatchTest[], at: string): PatchStanding {
	if (tests.some(({ reacted }) => reacted)) return { standing: 'reacted' };
	const last = [...tests].sort((p, q) => q.date.localeCompare(p.date))[0];
	if (!last) return { standing: 'none' };
	const set = Date.parse(last.date);
	const hoursAgo = Math.max(0, (Date.parse(at) - set) / HOUR_MS);
	const { patchHours, patchMonths } = CAUTION_LIMITS;
	if (hoursAgo < patchHours) {
		return { standing: 'waiting', hoursAgo, readableOn: isoDay(set + patchHours * HOUR_MS) };
	}
	const valid = patchMonths * HOURS_PER_MONTH;
	if (hoursAgo > valid) return { standing: 'due', hoursAgo };
	return { standing: 'valid', hoursAgo, validUntil: isoDay(set + valid * HOUR_MS) };
}

/** A strand tried ahead of the head. */
export interface StrandTest {
	/** ISO 8601. */
	readonly date: string;
	readonly result: 'pending' | 'clean' | 'reacted';
}

/** Where this hair stands with strand tests. */
export type StrandStanding =
	| { readonly standing: 'none' | 'pending' | 'clean' | 'reacted' }
	/** What was done to the hair since makes the old answer worthless. */
	| { readonly standing: 'outdated'; readonly by: string }
	| { readonly standing: 'due'; readonly monthsAgo: number };

/**
 * Where hair stands with strand tests at a moment. The latest decides. A clean one holds for the hair as
 * it was: anything put on it since, or half a year of living, asks for another. One that reacted keeps
 * its word until hair that was there then has been cut off, which only a person can say.
 * @param changedOn ISO dates on which colour, lightener, perm or henna went on this hair
 * @param at ISO 8601
 */
export function strandStanding(
	tests: readonly StrandTest[],
	changedOn: readonly string[],
	at: string
): StrandStanding {
	const last = [...tests].sort((p, q) => q.date.localeCompare(p.date))[0];
	if (!last) return { standing: 'none' };
	if (last.result !== 'clean') return { standing: last.result };
	const since = changedOn.filter((date) => date > last.date).sort()[0];
	if (since !== undefined) return { standing: 'outdated', by: since };
	const monthsAgo = (Date.parse(at) - Date.parse(last.date)) / DAY_MS / 30.4;
	if (monthsAgo > CAUTION_LIMITS.strandMonths) return { standing: 'due', monthsAgo };
	return { standing: 'clean' };
}

import { parseDate } from '@internationalized/date';
import { CAUTION_LIMITS } from './limits';

const HOURS_PER_DAY = 24;
const HOURS_PER_MONTH = 730;
const DAYS_PER_MONTH = HOURS_PER_MONTH / HOURS_PER_DAY;

/** Days from one ISO day to another. */
const daysBetween = (from: string, to: string): number => parseDate(to).compare(parseDate(from));
const dayAfter = (day: string, hours: number): string =>
	parseDate(day)
		.add({ days: Math.floor(hours / HOURS_PER_DAY) })
		.toString();

/** A patch test: when it was put on, and whether the skin reacted. */
export interface PatchTest {
	/** ISO day. */
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

/**
 * Where a client stands with patch tests on a day. A reaction in any of them counts for good: an
 * allergy does not go away. Otherwise the latest decides: readable after 48 hours, valid for six
 * months (usual practice; the maker's directions go first).
 * @param today ISO day
 */
export function patchStanding(tests: readonly PatchTest[], today: string): PatchStanding {
	if (tests.some(({ reacted }) => reacted)) return { standing: 'reacted' };
	const last = [...tests].sort((p, q) => q.date.localeCompare(p.date))[0];
	if (!last) return { standing: 'none' };
	const hoursAgo = Math.max(0, daysBetween(last.date, today) * HOURS_PER_DAY);
	const { patchHours, patchMonths } = CAUTION_LIMITS;
	if (hoursAgo < patchHours) {
		return { standing: 'waiting', hoursAgo, readableOn: dayAfter(last.date, patchHours) };
	}
	const valid = patchMonths * HOURS_PER_MONTH;
	if (hoursAgo > valid) return { standing: 'due', hoursAgo };
	return { standing: 'valid', hoursAgo, validUntil: dayAfter(last.date, valid) };
}

/** A strand tried ahead of the head. */
export interface StrandTest {
	/** ISO day. */
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
 * Where hair stands with strand tests on a day. The latest decides. A clean one holds for the hair as
 * it was: anything put on it since, or half a year of living, asks for another. One that reacted keeps
 * its word until hair that was there then has been cut off, which only a person can say.
 * @param changedOn ISO dates on which colour, lightener, perm or henna went on this hair
 * @param today ISO day
 */
export function strandStanding(
	tests: readonly StrandTest[],
	changedOn: readonly string[],
	today: string
): StrandStanding {
	const last = [...tests].sort((p, q) => q.date.localeCompare(p.date))[0];
	if (!last) return { standing: 'none' };
	if (last.result !== 'clean') return { standing: last.result };
	const since = changedOn.filter((date) => date >= last.date).sort()[0];
	if (since !== undefined) return { standing: 'outdated', by: since };
	const monthsAgo = daysBetween(last.date, today) / DAYS_PER_MONTH;
	if (monthsAgo > CAUTION_LIMITS.strandMonths) return { standing: 'due', monthsAgo };
	return { standing: 'clean' };
}

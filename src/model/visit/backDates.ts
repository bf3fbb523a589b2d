import type { WhenBack } from '../../core/plan';
import type { Client } from '../../schema/records';
import { dayAfter, DAYS_PER_WEEK, type Day } from '../time';
import { patchTestOf } from './dueTests';

/** A day that somebody is to come, from and, where it is a range, to. */
export interface BackDate {
	readonly what: 'back' | 'gloss' | 'patchTest';
	readonly from: Day;
	readonly to?: Day;
}

/** A patch test is made so many days ahead: it is read after two. */
const TEST_DAYS = 2;

/**
 * Everything that follows a visit, in the order of its days: a gloss in between, the patch test where the last will
 * not hold, and the next visit.
 * @param counted the day from which weeks are counted
 */
export function backDates(
	{ from, to, glossWeek }: WhenBack,
	counted: Day,
	client: Client | undefined
): BackDate[] {
	const after = (weeks: number) => dayAfter(counted, weeks * DAYS_PER_WEEK);
	const first = after(from);
	const dates: BackDate[] = [
		...(glossWeek === undefined ? [] : [{ what: 'gloss' as const, from: after(glossWeek) }]),
		...(patchTestOf(client, first).standing === 'valid'
			? []
			: [{ what: 'patchTest' as const, from: dayAfter(first, -TEST_DAYS) }]),
		{ what: 'back', from: first, to: after(to) }
	];
	return dates.sort((p, q) => p.from.localeCompare(q.from));
}

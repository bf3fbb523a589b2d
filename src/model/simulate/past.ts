import type { Shelf, ShelfLine, Visit } from '../../schema/records';
import { nextReading } from '../visit/nextReading';
import { carriedBowls } from '../commands/newVisit';
import { learnedFrom } from '../visit/learned';
import { dayAfter, DAYS_PER_WEEK, type Day } from '../time';
import { chanceOf } from '../../core/numeric';
import { simulateService, type HiddenHand, type HiddenHead } from './service';

/** A client whose visits are to be made up. */
export interface SimulatedClient {
	/** The first visit as it was planned: its hair as it was read, its aim, its bowls and its toner. */
	readonly first: Visit;
	readonly shelf: Shelf;
	readonly line: ShelfLine;
	readonly head: HiddenHead;
	/** Who works on it, visit by visit, over and over. */
	readonly hands: readonly HiddenHand[];
	/** How many weeks before `today` each visit was, the longest ago first. */
	readonly weeksAgo: readonly number[];
	readonly today: Day;
	/** Instant of today at which those visits would have begun. */
	readonly at: Date;
	readonly seed: number;
}

/** From the second visit on: the regrowth alone, unless said otherwise. */
const asRetouch = (first: Visit, last: Visit, date: Day): Visit => ({
	...first,
	reading: nextReading(last, date),
	bowls: carriedBowls(first),
	lift: {
		...first.lift,
		startsAtMm: Math.min(3, first.lift.startsAtMm),
		covers: { root: true, lengths: false, ends: false }
	}
});

/**
 * The past of a client as it would have gone, the oldest visit first: each starts from the record of the one before,
 * and is planned with what had been learned by then.
 */
export function simulatePast(client: SimulatedClient): Visit[] {
	const { first, shelf, line, head, hands, weeksAgo, today, at, seed } = client;
	const chance = chanceOf(seed);
	const visits: Visit[] = [];
	let learned = learnedFrom([], today);
	for (const [i, weeks] of weeksAgo.entries()) {
		const days = Math.round(weeks * DAYS_PER_WEEK);
		const date = dayAfter(today, -days);
		const then = new Date(at.getTime() - days * 24 * 3_600_000);
		const last = visits.at(-1);
		const iso = then.toISOString();
		const planned: Visit = {
			...(last ? asRetouch(first, last, date) : first),
			id: `${first.clientId}-past-${i + 1}`,
			createdAt: iso,
			updatedAt: iso,
			date
		};
		// Each visit adds less than the one before: what is known is worked out anew after 1, 2, 4, 8 …
		if (i > 0 && (i & (i - 1)) === 0) learned = learnedFrom(visits, date);
		visits.push(
			simulateService({
				planned,
				shelf,
				line,
				learned,
				head,
				hand: hands[i % hands.length]!,
				chance,
				at: then
			})
		);
	}
	return visits;
}

import type { SalonHead } from '../../core/learn';
import type { VisitCard } from '../index/card';
import { handPaceFrom, type HandPace } from '../visit/handPace';
import { learnedFrom, looksOf, teachingVisits } from '../visit/learned';
import type { Learned } from '../visit/lift';
import { yearsBetween, type Day } from '../time';
import type { Client, Shelf, Visit } from '../../schema/records';

/** So many of the latest visits are gone through: what lies before says little of how it is done now. */
const MOST_VISITS = 400;

/** A head of which something may have been seen, by its cards. */
export interface TeachingHead {
	readonly clientId: string;
	/** Visits at which a level was noted. */
	readonly visits: number;
	/** Day of the last of them. */
	readonly last: Day;
}

/** Heads of which a level was noted, who was seen last first. */
export function teachingHeads(cards: Iterable<VisitCard>): TeachingHead[] {
	const of = new Map<string, TeachingHead>();
	for (const { clientId, date, isLookedAt } of cards) {
		if (!isLookedAt) continue;
		const { visits, last } = of.get(clientId) ?? { visits: 0, last: date };
		of.set(clientId, { clientId, visits: visits + 1, last: last > date ? last : date });
	}
	return [...of.values()].sort((p, q) => q.last.localeCompare(p.last));
}

/** How many of the heads, who was seen last first, hold the visits that the salon is judged by. */
export function headsJudged(heads: readonly TeachingHead[]): number {
	let visits = 0;
	const enough = heads.findIndex((head) => (visits += head.visits) >= MOST_VISITS);
	return enough < 0 ? heads.length : enough + 1;
}

/** A head of which something was seen. */
export interface TaughtClient {
	readonly client: Client;
	/** Recorded visits at which a level was seen, the latest first; also those that do not count. */
	readonly visits: readonly Visit[];
}

const lookedAt = (visit: Visit): boolean =>
	visit.result.recordedAt !== undefined && looksOf(visit).length > 0;

/**
 * Clients with the visits that taught something of them, in their order.
 * @param visitsOf a client's visits, the latest first
 */
export const taughtClients = (
	clients: Iterable<Client>,
	visitsOf: (clientId: string) => readonly Visit[]
): TaughtClient[] =>
	[...clients].flatMap((client): TaughtClient[] => {
		const visits = visitsOf(client.id).filter(lookedAt);
		return visits.length === 0 ? [] : [{ client, visits }];
	});

/** What is known of a head on a day, with the switches as they stand. */
export const learnedOn = (
	{ client, visits }: TaughtClient,
	day: Day,
	shelf: Shelf | undefined
): Learned =>
	learnedFrom(visits, day, {
		salon: shelf?.textureRates?.[visits[0]!.reading.texture],
		off: client.learnOff
	});

/** The salon's records as its predictions are judged by them: the latest visits, head by head. */
export function salonHeads(taught: readonly TaughtClient[], day: Day): SalonHead[] {
	let left = MOST_VISITS;
	return taught.flatMap(({ client, visits }): SalonHead[] => {
		const own = teachingVisits(visits, dayAfterAll(day)).slice(-Math.max(0, left));
		if (left <= 0 || own.length === 0) return [];
		left -= own.length;
		return [
			{
				id: client.id,
				visits: own.map(({ visit }) => ({
					id: visit.id,
					year: -yearsBetween(visit.date, day),
					reader: visit.colourist,
					looks: looksOf(visit).map(({ look, zone: { remembered } }) => ({ ...look, remembered }))
				}))
			}
		];
	});
}

/** What was recorded today counts too. */
const dayAfterAll = (day: Day): Day => `${day}~`;

/** What the records say of somebody who works here. */
export interface TaughtHand {
	readonly name: string;
	readonly pace: HandPace;
	/** Share of the lightener mixed that was left over, 0-1; nothing where it was never weighed. */
	readonly left: number | undefined;
	/** Visits of theirs at which it was. */
	readonly leftVisits: number;
}

/** Those who work here, by name. */
export function taughtHands(
	cards: readonly VisitCard[],
	shelf: Shelf | undefined,
	day: Day
): TaughtHand[] {
	const names = [...new Set(cards.map(({ colourist }) => colourist))].filter(Boolean).sort();
	return names.map((name) => {
		const weighed = cards.flatMap(({ colourist, isUntaught, leftover }) =>
			colourist === name && !isUntaught ? (leftover ?? []) : []
		);
		const mixed = weighed.reduce((sum, each) => sum + each.mixed, 0);
		const left = weighed.reduce((sum, each) => sum + each.left, 0);
		return {
			name,
			pace: handPaceFrom(cards, name, { id: '', date: day }, shelf),
			left: mixed > 0 ? left / mixed : undefined,
			leftVisits: weighed.length
		};
	});
}

import type { SalonHead } from '../../core/learn';
import { weighedLightener } from '../shelf/stock';
import { handPaceFrom, type HandPace } from '../visit/handPace';
import { learnedFrom, looksOf, teachingVisits } from '../visit/learned';
import type { Learned } from '../visit/lift';
import { yearsBetween, type Day } from '../time';
import type { Client, Shelf, Visit } from '../../schema/records';

/** So many of the latest visits are gone through: what lies before says little of how it is done now. */
const MOST_VISITS = 400;

/** A head of which something was seen. */
export interface TaughtClient {
	readonly client: Client;
	/** Recorded visits at which a level was seen, the latest first; also those that do not count. */
	readonly visits: readonly Visit[];
	/** Day of the last of them. */
	readonly last: Day;
}

const lookedAt = (visit: Visit): boolean =>
	visit.result.recordedAt !== undefined && looksOf(visit).length > 0;

/** Heads of which a level was seen, who was seen last first. */
export function taughtClients(
	clients: ReadonlyMap<string, Client>,
	visits: Iterable<Visit>
): TaughtClient[] {
	const of = new Map<string, Visit[]>();
	for (const visit of visits) {
		if (!lookedAt(visit)) continue;
		const own = of.get(visit.clientId);
		if (own) own.push(visit);
		else of.set(visit.clientId, [visit]);
	}
	return [...of]
		.flatMap(([id, own]): TaughtClient[] => {
			const client = clients.get(id);
			const visits = own.sort((p, q) => q.date.localeCompare(p.date));
			return client ? [{ client, visits, last: visits[0]!.date }] : [];
		})
		.sort((p, q) => q.last.localeCompare(p.last));
}

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
	visits: readonly Visit[],
	shelf: Shelf | undefined,
	day: Day
): TaughtHand[] {
	const names = [...new Set(visits.map(({ colourist }) => colourist))].filter(Boolean).sort();
	return names.map((name) => {
		const weighed = visits.flatMap((visit) => {
			const { colourist, result } = visit;
			const mixed = weighedLightener(visit);
			const { leftoverGrams, untaught } = result;
			return colourist === name && !untaught && leftoverGrams !== undefined && mixed > 0
				? [{ mixed, leftoverGrams }]
				: [];
		});
		const mixed = weighed.reduce((sum, each) => sum + each.mixed, 0);
		const left = weighed.reduce((sum, each) => sum + each.leftoverGrams, 0);
		return {
			name,
			pace: handPaceFrom(visits, name, { id: '', date: day }, shelf),
			left: mixed > 0 ? left / mixed : undefined,
			leftVisits: weighed.length
		};
	});
}

import { type Moment } from '../time';
import { STARTS_AT } from '../../core/lift';
import { nextReading } from '../visit/nextReading';
import { plainReading } from '../head/plain';
import { stamp } from '../identity';
import { USUAL_WARMTH } from '../../core/tone';
import type { Aim, Client, LiftPlan, Reading, Shelf, Visit } from '../../schema/records';

/** Colour for a whole head of toner, g. */
export const USUAL_TONER_GRAMS = 30;

/** An aim to start from: light blonde, neutral, a third of the warmth kept. */
export const plainAim = (): Aim => ({
	kind: 'solid',
	level: 8,
	direction: 'neutral',
	keepWarmth: USUAL_WARMTH,
	liftPast: 0.5,
	lightShare: 1,
	zones: {},
	areas: {}
});

/** Bowls to start from: forty woven foils from the nape up, of the strength that the lift says. */
export const plainBowls = (): Visit['bowls'] => ({
	technique: 'foils',
	foils: 40,
	picking: 'weave',
	order: 'napeUp',
	strand: 'together',
	staged: false,
	aboveChosen: false,
	ratioLever: false,
	freshLast: false,
	rinse: {},
	hands: 1,
	assistant: false,
	mixed: []
});

/** How this head was sectioned last time; what was weighed then, and when it began, is that visit's. */
export function carriedBowls({ bowls }: Visit): Visit['bowls'] {
	const carried: Visit['bowls'] = { ...bowls, mixed: [] };
	delete carried.startAt;
	if (!bowls.sections) return carried;
	// Where a section lies and how it is picked up holds for next time; its strength does not.
	return {
		...carried,
		sections: bowls.sections.map(({ id, areas, share, picking, angle }) => ({
			id,
			areas,
			share,
			picking,
			angle
		}))
	};
}

/** Where product begins: a retouch as near as the brush goes, never-lightened hair off the scalp; mm. */
export const usualStart = ({ zones }: Reading): number =>
	zones.lengths.state === 'lightened' ? STARTS_AT.retouch : STARTS_AT.neverLightened;

/** A lift to start from: powder and 20 vol in thin foils, on all hair that does not protect itself. */
export const plainLift = (reading: Reading): LiftPlan => ({
	product: 'powder',
	volume: 20,
	ratio: 2,
	minutes: 35,
	placement: 'foil',
	section: 'seeThrough',
	startsAtMm: usualStart(reading),
	bondAdditive: false,
	damp: false,
	delays: { root: 0, lengths: 0, ends: 0 },
	drawThroughMinutes: 0,
	covers: { root: true, lengths: true, ends: true }
});

/** A visit with nothing settled yet. The gentle pace is the default: 20 vol, foil, an hour's course. */
export function newVisit(
	clientId: string,
	{ at: now, day }: Moment,
	colourist = '',
	last?: Visit
): Visit {
	const reading: Reading = last ? nextReading(last, day) : { ...plainReading(), guess: true };
	return {
		...stamp(now),
		kind: 'visit',
		clientId,
		colourist,
		date: day,
		status: 'inChair',
		chairSince: now.toISOString(),
		settled: [],
		reading,
		aim: last ? last.aim : { ...plainAim(), guess: true },
		lift: plainLift(reading),
		before: [],
		after: [],
		ways: [],
		bowls: last ? carriedBowls(last) : plainBowls(),
		run: { elapsedSeconds: 0, notes: [] },
		tone: {
			vehicle: 'demi',
			ratio: 1.5,
			minutes: 20,
			totalGrams: USUAL_TONER_GRAMS,
			choice: 'open',
			parts: []
		},
		result: { tone: '', notes: '' },
		passed: []
	};
}

/**
 * A visit that begins for a client: from what their last recorded visit left, on the first line of the
 * shelf.
 * @param visits all that this client has had, newest first
 */
export function beginVisit(
	client: Pick<Client, 'id'>,
	visits: readonly Visit[],
	shelf: Shelf | undefined,
	moment: Moment
): Visit {
	const last = visits.find(({ result }) => result.recordedAt !== undefined);
	const visit = newVisit(client.id, moment, last?.colourist ?? '', last);
	const line = shelf?.lines[0];
	return line
		? {
				...visit,
				tone: {
					...visit.tone,
					lineId: line.id,
					vehicle: line.vehicle,
					ratio: line.ratio,
					minutes: line.minutes
				}
			}
		: visit;
}

/** A client of whom only the name is known. */
export const newClient = (name: string, now: Date): Client => ({
	...stamp(now),
	kind: 'client',
	name,
	contact: '',
	note: '',
	underSixteen: false,
	sensitivities: [],
	washesPerWeek: 2,
	patchTests: []
});

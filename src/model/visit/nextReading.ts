import { weeksBetween, type Day } from '../time';
import { AREAS, BOUNDS, ZONE_NAMES } from '../../core/vocabulary';
import { type AreaName } from '../../core/lift';
import { aimOf, areaGroups, exceptions, readingOf } from '../head/exceptions';
import { liftDone } from '../day/done';
import { daySteps } from '../day/steps';
import { stepsAt, stepsOn } from './kept';
import { subjectOf } from './lift';
import { lightsAfter } from './oldLights';
import { inTenths, WEEKS_PER_MONTH } from '../../core/hair';
import { natural } from '../head/plain';
import { levelsSeen } from '../day/seen';
import type {
	AreaReading,
	HistoryEntry,
	Reading,
	Visit,
	ZoneName,
	ZoneReading
} from '../../schema/records';

/**
 * What the next visit starts from: where the last one lightened, the hair as it was lifted, since the toner
 * over it is mostly gone by then; what it kept out stays as it was read; since then it has grown.
 * @param of where the visits of one plan go on with what foils picked up, that alone
 */
export function nextReading(last: Visit, day: Day, of: ReadAs = 'wholeHead'): Reading {
	const { reading, aim, result } = last;
	if (result.recordedAt === undefined) return reading;
	const weeks = weeksBetween(last.date, day);
	const grown = Math.round((reading.growthCmPerMonth * weeks * 10) / WEEKS_PER_MONTH) / 10;
	const grownOut = <R extends AreaReading>(before: R, area?: AreaName): R => {
		const worked = workedOn(last, area);
		const lights = lightsLeft(last, area);
		// A root that was light already is old blonde now, whether or not anything went on it today.
		const begunAnew = worked.root || before.zones.root.state !== 'natural';
		const { lightShare } = aimOf(aim, area);
		const unreached = worked.root ? leftAtRoot(last, area) : 0;
		const left = (zone: ZoneName): ZoneReading => {
			const end = worked[zone] ? leftOn(last, zone, area) : undefined;
			const { oldLights, ...kept } = before.zones[zone];
			// Nobody looks at old light pieces apart: where they were taken along, they are as was expected.
			const old = oldLights && { ...oldLights, level: lights.get(zone) ?? oldLights.level };
			// What was not picked up is as it was: it comes back as hair of its own.
			if (end && of === 'wholeHead' && lightShare < 1)
				return {
					...restOf(last, kept, before.naturalLevel),
					oldLights: withPieces(old, lightShare, end.presentLevel)
				};
			return {
				...(end ? { state: 'lightened', artificial: [], ...end } : kept),
				...(old ? { oldLights: old } : {})
			};
		};
		return {
			...before,
			regrowthCm: Math.min(
				before.lengthCm,
				Math.max(0, begunAnew ? unreached + grown : before.regrowthCm + grown)
			),
			zones: {
				root: natural(before.naturalLevel),
				lengths: left('lengths'),
				ends: left('ends')
			}
		};
	};
	const rest = grownOut(reading);
	const lightened = ZONE_NAMES.filter((zone) => workedOnHead(last)[zone]);
	const ends = lightened.flatMap((zone) => leftOn(last, zone)?.presentLevel ?? []);
	const next: Reading = {
		...rest,
		areas: exceptions(rest, (area) => grownOut(readingOf(reading, area), area), areasApart(last)),
		...(ends.length > 0
			? {
					strain: { ...reading.strain, lightenings: lighteningsAfter(last, lightened) },
					history: [...reading.history, lightening(last, Math.max(...ends))].slice(-MOST_HISTORY)
				}
			: {})
	};
	// Whoever gave a second opinion, and whoever took a picture, then saw other hair.
	delete next.secondOpinion;
	delete next.guess;
	delete next.unseen;
	if (lightened.some((zone) => !isSeen(last, zone))) next.unseen = true;
	delete next.picture;
	return next;

	/** An area that was aimed at otherwise may have been left otherwise. */
	function areasApart({ reading: { areas } }: Visit): Reading['areas'] {
		const apart = { ...areas };
		for (const area of AREAS) if (aim.areas[area]) apart[area] ??= {};
		return apart;
	}
}

/**
 * What a zone is read as, where foils picked some of it up: as all of it, in pieces; or as the pieces alone, where the
 * visits of one plan go on with them.
 */
export type ReadAs = 'wholeHead' | 'pieces';

/**
 * The hair between the light pieces of a zone, which nothing was put on. Later visits of a plan are told of the
 * pieces alone: what lies between them then counts as it grew.
 */
const restOf = ({ series }: Visit, kept: ZoneReading, naturalLevel: number): ZoneReading =>
	series && series.number > 1 && kept.state === 'lightened' ? natural(naturalLevel) : kept;

/**
 * Light pieces of a zone after a day that brought their share to so much: those that were there, and those that were
 * picked up between them, as one reads both.
 * @param share of the hair that is light now, 0-1
 * @param level that was picked up came to
 */
function withPieces(
	old: ZoneReading['oldLights'],
	share: number,
	level: number
): NonNullable<ZoneReading['oldLights']> {
	if (!old) return { share: withinBound(share, BOUNDS.oldLightShare), level };
	const picked = Math.max(0, share - old.share);
	const all = old.share + picked;
	return {
		share: withinBound(all, BOUNDS.oldLightShare),
		level: inTenths((old.share * old.level + picked * level) / all)
	};
}

const withinBound = (value: number, { min, max }: { readonly min: number; readonly max: number }) =>
	Math.min(max, Math.max(min, value));

/** Centimetres at the scalp that no application of the day reached, to the tenth. */
function leftAtRoot(visit: Visit, area: AreaName | undefined): number {
	const starts = stepsDone(visit, area).flatMap(({ plan }) =>
		plan.covers.root ? [plan.startsAtMm] : []
	);
	return starts.length === 0 ? 0 : Math.round(Math.min(...starts)) / 10;
}

/** So often hair is remembered to have been lightened. */
const MOST_LIGHTENINGS = BOUNDS.lightenings.max;

/** How often the hair that had most of it was lightened: once more where old blonde was worked, and not by a retouch. */
function lighteningsAfter({ reading }: Visit, worked: readonly ZoneName[]): number {
	const { lightenings } = reading.strain;
	const again = worked.some((zone) => reading.zones[zone].state === 'lightened');
	return Math.min(MOST_LIGHTENINGS, again ? lightenings + 1 : Math.max(1, lightenings));
}

/**
 * The last level that somebody saw on a zone as it ended, before anything was laid over it. What was seen minutes before
 * it came off is in what was expected of it.
 */
const seenOn = ({ run }: Visit, zone: ZoneName) =>
	levelsSeen(run).findLast(
		({ zone: name, after, lay }) =>
			name === zone &&
			(after !== undefined || !run.lain || lay >= run.lain.minutes - AT_THE_END_MINUTES)
	);
/** Lightener does nothing that one sees in so many minutes. */
const AT_THE_END_MINUTES = 3;

/** Whether somebody looked at where a zone ended: bare, or under its toner. */
const isSeen = (visit: Visit, zone: ZoneName): boolean =>
	seenOn(visit, zone) !== undefined ||
	visit.result.zones?.[zone]?.level !== undefined ||
	(visit.result.level !== undefined && !visit.result.unsure);

/**
 * Level that a zone was lifted to, and its warmth where a person named it: as it was seen bare; else as was
 * expected, moved by as much as the toned hair that was seen lay off; nothing where nothing is known.
 */
function leftOn(
	visit: Visit,
	zone: ZoneName,
	area?: AreaName
): Pick<ZoneReading, 'presentLevel' | 'undertone'> | undefined {
	const apart = area && leftOnArea(visit, zone, area);
	if (apart !== undefined) return { presentLevel: apart };
	const seen = seenOn(visit, zone);
	if (seen) {
		const { level, undertone } = seen;
		return { presentLevel: level, ...(undertone ? { undertone } : {}) };
	}
	const { level, expected, zones } = visit.result;
	const own = zones?.[zone]?.level;
	if (!expected) {
		const known = own ?? level;
		return known === undefined ? undefined : { presentLevel: known };
	}
	const { lifted, toned } = expected.zones?.[zone] ?? expected;
	// Who looked at one zone alone says how far the others may be off, too.
	const off = own !== undefined ? own - toned : level !== undefined ? level - expected.toned : 0;
	return { presentLevel: inTenths(lifted + off) };
}

/**
 * Level that an area apart was lifted to: as was expected of it, moved by as much as it was seen off, or else as the
 * rest of the head was; nothing where nothing was expected of it by itself.
 */
function leftOnArea(visit: Visit, zone: ZoneName, area: AreaName): number | undefined {
	const { expected, areas } = visit.result;
	const groups = areaGroups(visit.reading, visit.aim);
	// What is alike was looked at together, under the name of the first.
	const own = groups.find((one) => one.areas.includes(area))?.area;
	const then = own && expected?.areas?.[own];
	if (!expected || !then) return undefined;
	const seen = areas?.[own]?.level;
	const rest = leftOn(visit, zone)?.presentLevel;
	const restThen = (expected.zones?.[zone] ?? expected).lifted;
	const off = seen !== undefined ? seen - then.toned : rest === undefined ? 0 : rest - restThen;
	return inTenths(then.lifted + off);
}

/** Level at which old light pieces of an area were left, by zone, to the tenth; none that nothing went on. */
function lightsLeft(visit: Visit, area: AreaName | undefined): ReadonlyMap<ZoneName, number> {
	const steps = stepsAt(dayOf(visit), placeOf(visit, area));
	const aim = aimOf(visit.aim, area);
	const subject = subjectOf(readingOf(visit.reading, area));
	const lights = lightsAfter({ steps, subject, aim, technique: visit.bowls.technique });
	return new Map(
		lights.filter(({ worked }) => worked).map(({ zone, level }) => [zone, inTenths(level)])
	);
}

/** The applications of a day as they were done. */
const dayOf = (visit: Visit) => daySteps(liftDone(visit, visit.run));

/** An area that has this hair: itself, or one that is as the rest of the head is. */
const placeOf = ({ reading, aim }: Visit, area: AreaName | undefined): AreaName =>
	area ?? AREAS.find((each) => !reading.areas[each] && !aim.areas[each]) ?? 'back';

/** The applications of a day as they were done on an area; on the rest of the head where none is named. */
const stepsDone = (visit: Visit, area: AreaName | undefined) =>
	stepsOn(
		dayOf(visit),
		placeOf(visit, area),
		readingOf(visit.reading, area),
		aimOf(visit.aim, area)
	);

/** Zones of an area that any application of the day went on; of the rest of the head where none is named. */
function workedOn(visit: Visit, area: AreaName | undefined): Visit['lift']['covers'] {
	const steps = stepsDone(visit, area);
	const on = (zone: ZoneName) => steps.some(({ plan }) => plan.covers[zone]);
	return { root: on('root'), lengths: on('lengths'), ends: on('ends') };
}

/** Zones that any application of the day went on, on any area. */
export function workedOnHead(visit: Visit): Visit['lift']['covers'] {
	const all = AREAS.map((area) => workedOn(visit, area));
	const on = (zone: ZoneName) => all.some((worked) => worked[zone]);
	return { root: on('root'), lengths: on('lengths'), ends: on('ends') };
}

/** A history holds this many entries; the oldest are on hair that was cut long ago. */
const MOST_HISTORY = 60;

/** A recorded visit as an entry of the history that the next one tells. */
function lightening(visit: Visit, toLevel: number): HistoryEntry {
	const { id, date } = visit;
	const worked = workedOnHead(visit);
	const onto = worked.lengths ? 'all' : worked.root ? 'regrowth' : 'ends';
	const { lightShare } = visit.aim;
	return {
		...{ id, date, kind: 'lightening', toLevel, onto },
		...(lightShare < 1 ? { share: lightShare } : {})
	};
}

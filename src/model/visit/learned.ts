import { yearsBetween } from '../time';
import { perLadder } from '../../core/colour';
import {
	factorOf,
	learnHead,
	UNKNOWN_CLIENT,
	type LevelLook,
	type Look,
	type LookedHair,
	type LookedVisit,
	type Personal
} from '../../core/learn';
import type { Steps } from '../../core/steps';
import { DEFAULT_LIMIT_MINUTES, type Application } from '../../core/lift';
import type { LiftPlan, Reading, Visit } from '../../schema/records';
import { liftDone, visitDone } from '../day/done';
import { lainAt, reckonedLain } from '../day/lain';
import { aimOf, aimOn } from '../head/exceptions';
import { conditionOf, mainZone, zonesOf, type ZoneStart } from '../head/hair';
import { hairAt, sectionWork, workedIn, type SectionWork } from './headWork';
import { planAt } from './kept';
import { applicationOn, liftTarget, type Learned } from './lift';

type Note = Visit['run']['notes'][number];

/** A look of a visit, and the hair that it was of. */
export interface VisitLook {
	readonly look: LevelLook;
	readonly zone: ZoneStart;
	readonly note: Note;
}

/** The head as its sections were worked; only where a look tells one apart are they worked out. */
const sectionsIn = ({ reading, aim, bowls, lift: plan }: Visit): SectionWork[] =>
	sectionWork({
		reading,
		aim,
		bowls,
		plan,
		earlier: [],
		shelf: undefined,
		learned: undefined,
		usage: 1,
		limitMinutes: DEFAULT_LIMIT_MINUTES
	});

/** Minutes that a head had lain when it was read off and dry. */
function lainMinutes(visit: Visit, minute: number, sections: () => readonly SectionWork[]): number {
	const { run, lift } = visit;
	if (run.lain) return run.lain.minutes;
	const rinsed = Math.min(minute, run.rinsedAtMinute ?? minute);
	return reckonedLain(run, rinsed, lift.minutes, () =>
		sections().reduce((sum, { load }) => sum + (load?.minutes ?? 0), 0)
	);
}

/**
 * Levels that were seen at the chair of a visit while its main application lay and when it was off, each with all
 * that the engine needs to expect it. A word is no level; what was seen after a further application speaks of both.
 */
export function looksOf(visit: Visit): readonly VisitLook[] {
	const known = workedOut();
	const own = known.get(visit) ?? workOut(visit);
	known.set(visit, own);
	return own;
}

/** The same without what they were of; one list for a visit, by which what it taught is kept. */
function levelLooksOf(visit: Visit): readonly LevelLook[] {
	const known = lookedAt();
	const own = known.get(visit) ?? looksOf(visit).map(({ look }) => look);
	known.set(visit, own);
	return own;
}
const lookedAt = perLadder(() => new WeakMap<Visit, readonly LevelLook[]>());

/** A record is never changed in place: the looks of one are worked out once. */
const workedOut = perLadder(() => new WeakMap<Visit, readonly VisitLook[]>());

const workOut = (visit: Visit): VisitLook[] =>
	lookedHair(visit, ({ level }) => level !== undefined).flatMap(
		({ note, zone, hair }): VisitLook[] =>
			note.level === undefined ? [] : [{ note, zone, look: { ...hair, seen: note.level } }]
	);

/**
 * What is seen on the day itself, as it says how fast the head lifts today: levels off and dry or of a zone as it lay,
 * and of sections what somebody has taken for the head's pace, in a level or a word.
 */
export const looksToday = (visit: Visit): readonly Look[] =>
	lookedHair(visit, tellsToday).flatMap(({ note, target, hair }): Look[] => {
		const { level, word, lay } = note;
		if (level !== undefined) return [{ ...hair, seen: level }];
		return word && lay ? [{ ...hair, word, expected: lay.expected, target }] : [];
	});

const tellsToday = ({ counts, dry, section, level, word }: Note): boolean =>
	(counts === true || dry === true || section === undefined) &&
	(level !== undefined || word !== undefined);

/** Hair that was looked at, and the level at which it was to be ready. */
interface Looked extends Pick<VisitLook, 'note' | 'zone'> {
	readonly target: number;
	readonly hair: LookedHair;
}

/** What of a visit was looked at while its main application lay and when it was off; old light pieces tell of themselves. */
function lookedHair(visit: Visit, isAsked: (note: Note) => boolean): Looked[] {
	const { reading, aim, lift, run } = visit;
	if (visit.noLift) return [];
	const zones = zonesOf(reading);
	let known: readonly SectionWork[] | undefined;
	const sections = () => (known ??= sectionsIn(visit));
	return run.notes.filter(isAsked).flatMap((note): Looked[] => {
		const { section, minute, lay, part, dry, step } = note;
		if (step !== undefined || part === 'oldLights') return [];
		const worked =
			section === undefined ? undefined : sections().find((one) => one.section.id === section);
		const [area] = worked ? workedIn({ reading, aim, plan: lift }, worked.section) : [];
		const hair = worked ? hairAt(reading, area) : { reading, zones };
		const plan = worked ? planAt(lift, reading, aim, area) : lift;
		const zone = worked
			? mainZone(hair.zones, plan.covers)
			: zones.find(({ name }) => name === note.zone);
		const minutes =
			lay?.minutes ?? (dry ? lainMinutes(visit, minute, sections) : lainAt(run, minute));
		if (!zone || minutes < 1 || !plan.covers[zone.name]) return [];
		const { before: earlier } = liftDone(visit, visit.run);
		const main = applicationOn(plan, zone, minutes);
		const mixture = lay ? { ...placed(worked), ...mixtureOf(lay) } : {};
		const looked = lookAt(hair.reading, zone, earlier, { ...main, ...mixture });
		return [
			{
				note,
				zone,
				target: liftTarget(aimOn(aimOf(aim, area), zone.name)),
				hair: { ...looked, area }
			}
		];
	});
}

/** A zone of some hair under a mixture, after what went on it before. */
function lookAt(
	reading: Reading,
	zone: ZoneStart,
	earlier: readonly LiftPlan[],
	main: Application
): LookedHair {
	const { naturalLevel, texture, warmth } = reading;
	return {
		minutes: main.minutes,
		fibre: zone.fibre,
		factors: { naturalLevel, texture, warmth },
		condition: conditionOf(reading),
		applications: [...earlier.map((each) => applicationOn(each, zone)), main]
	};
}

const placed = (worked: SectionWork | undefined) => (worked ? { placement: worked.placement } : {});

const mixtureOf = ({ minutes, volume, ratio, bowlAgeMinutes }: NonNullable<Note['lay']>) => ({
	minutes,
	volume,
	ratio,
	bowlAgeMinutes
});

/**
 * Looks at zones when all was over: toned hair that was seen off what was expected is taken to be off by as much
 * under its toner. Zones that were read off and dry have said it themselves.
 */
export function endLooksOf(visit: Visit): Pick<VisitLook, 'look' | 'zone'>[] {
	const { reading, before, lift, run, result } = visitDone(visit);
	if (visit.noLift) return [];
	return zonesOf(reading).flatMap((zone) => {
		const seen = result.zones?.[zone.name]?.level;
		const then = result.expected?.zones?.[zone.name];
		const isRead = run.notes.some(
			({ dry, zone: name, level }) => dry && name === zone.name && level
		);
		if (seen === undefined || !then || isRead || !lift.covers[zone.name]) return [];
		const look = lookAt(reading, zone, before, applicationOn(lift, zone));
		return [{ zone, look: { ...look, seen: then.lifted + seen - then.toned } }];
	});
}

/** Visits that were recorded before a day, the oldest first. */
export const recordedBefore = (visits: readonly Visit[], day: string): Visit[] =>
	visits
		.filter(({ date, result }) => result.recordedAt !== undefined && date < day)
		.sort((p, q) => p.date.localeCompare(q.date));

/** Visits that teach: recorded, looked at, and not left out by somebody; the oldest first. */
export function teachingVisits(
	visits: readonly Visit[],
	day: string
): (LookedVisit & { readonly visit: Visit })[] {
	const looked = recordedBefore(visits, day).flatMap((visit) => {
		const looks = visit.result.untaught ? [] : levelLooksOf(visit);
		return looks.length === 0 ? [] : [{ visit, looks }];
	});
	const last = looked.at(-1)?.visit.date ?? day;
	return looked.map((each) => ({ ...each, years: yearsBetween(each.visit.date, last) }));
}

/**
 * Learns from visits one after the other, so that whoever has to show something meanwhile can: what each of them
 * taught is kept, and is there at once when it is asked for.
 */
export function* learningSteps(visits: readonly Visit[], from: LearnsFrom = {}): Steps<void> {
	const past = recordedBefore(visits, '9999-12-31');
	for (const [i, visit] of past.entries()) {
		levelLooksOf(visit);
		learnedFrom(past.slice(0, i + 1), '9999-12-31', from);
		yield (i + 1) / past.length;
	}
}

/** What learning starts from and may use. */
export interface LearnsFrom {
	/** Factor on the rate of this texture that the salon has taken from its own heads, 1 as published. */
	readonly salon?: number | undefined;
	/** What of the head is not learned. */
	readonly off?: readonly ('rate' | 'areas' | 'grams')[] | undefined;
	/** Looks at strands that were tried of the hair as it is now. */
	readonly tried?: readonly LevelLook[] | undefined;
	/** What was seen on the day itself: it counts whatever else of the head is not learned. */
	readonly today?: readonly Look[] | undefined;
}

/**
 * Learns from a client's recorded visits before a day, the oldest first; what is long ago counts for
 * less.
 * @param day ISO date of the visit that is being planned
 */
export function learnedFrom(
	visits: readonly Visit[],
	day: string,
	{ salon = 1, off = [], tried = [], today = [] }: LearnsFrom = {}
): Learned {
	const prior: Personal = { ...UNKNOWN_CLIENT, mean: Math.log(salon) };
	const taught = off.includes('rate') ? [] : teachingVisits(visits, day);
	const last = taught.at(-1)?.visit.date;
	const strands = off.includes('rate') ? [] : tried;
	const now = [strands, today].flatMap((looks) => (looks.length > 0 ? [{ years: 0, looks }] : []));
	// What is seen today is the last that was looked at: the visits are as long ago as they are.
	const ago = last === undefined ? 0 : yearsBetween(last, day);
	const looked = taught.map((visit) => ({ ...visit, years: visit.years + ago }));
	const { personal, areas } =
		now.length > 0 ? learnHead([...looked, ...now], prior) : learnHead(taught, prior, ago);
	return {
		personal,
		factor: factorOf(personal),
		visits: taught.length,
		strandLooks: strands.length,
		looksToday: today.length,
		areas: off.includes('areas') ? [] : areas
	};
}

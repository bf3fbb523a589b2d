import { yearsBetween } from '../time';
import { perLadder } from '../../core/colour';
import {
	factorOf,
	learnHead,
	UNKNOWN_CLIENT,
	type LevelLook,
	type LookedVisit,
	type Personal
} from '../../core/learn';
import type { Steps } from '../../core/steps';
import { DEFAULT_LIMIT_MINUTES, type Application } from '../../core/lift';
import type { LiftPlan, Reading, Visit } from '../../schema/records';
import { liftDone, visitDone } from '../day/done';
import { reckonedLain } from '../day/lain';
import { conditionOf, mainZone, zonesOf, type ZoneStart } from '../head/hair';
import { hairAt, sectionWork, workedIn, type SectionWork } from './headWork';
import { planAt } from './kept';
import { applicationOn, type Learned } from './lift';

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

function workOut(visit: Visit): VisitLook[] {
	const { reading, aim, lift, run } = visit;
	if (visit.noLift) return [];
	const zones = zonesOf(reading);
	let known: readonly SectionWork[] | undefined;
	const sections = () => (known ??= sectionsIn(visit));
	return run.notes.flatMap((note): VisitLook[] => {
		const { section, minute, level, lay, part, dry, step } = note;
		if (level === undefined || step !== undefined || part === 'oldLights') return [];
		const worked =
			section === undefined ? undefined : sections().find((one) => one.section.id === section);
		const [area] = worked ? workedIn({ reading, aim, plan: lift }, worked.section) : [];
		const hair = worked ? hairAt(reading, area) : { reading, zones };
		const plan = worked ? planAt(lift, reading, aim, area) : lift;
		const zone = worked
			? mainZone(hair.zones, plan.covers)
			: zones.find(({ name }) => name === note.zone);
		const minutes = lay?.minutes ?? (dry ? lainMinutes(visit, minute, sections) : minute);
		if (!zone || minutes < 1 || !plan.covers[zone.name]) return [];
		const { before: earlier } = liftDone(visit, visit.run);
		const main = applicationOn(plan, zone, minutes);
		return [
			{
				note,
				zone,
				look: {
					...lookAt(hair.reading, zone, earlier, {
						...main,
						...(lay ? { ...placed(worked), ...mixtureOf(lay) } : {})
					}),
					seen: level,
					area
				}
			}
		];
	});
}

/** A look at a zone of some hair under a mixture, after what went on it before; what was seen is still to be told. */
function lookAt(
	reading: Reading,
	zone: ZoneStart,
	earlier: readonly LiftPlan[],
	main: Application
): LevelLook {
	const { naturalLevel, texture, warmth } = reading;
	return {
		seen: 0,
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
}

/**
 * Learns from a client's recorded visits before a day, the oldest first; what is long ago counts for
 * less.
 * @param day ISO date of the visit that is being planned
 */
export function learnedFrom(
	visits: readonly Visit[],
	day: string,
	{ salon = 1, off = [], tried = [] }: LearnsFrom = {}
): Learned {
	const prior: Personal = { ...UNKNOWN_CLIENT, mean: Math.log(salon) };
	const taught = off.includes('rate') ? [] : teachingVisits(visits, day);
	const last = taught.at(-1)?.visit.date;
	const strands = off.includes('rate') ? [] : tried;
	const since = last === undefined || strands.length > 0 ? 0 : yearsBetween(last, day);
	// A strand of today is the last that was looked at: the visits are as long ago as they are.
	const ago = strands.length > 0 && last !== undefined ? yearsBetween(last, day) : 0;
	const looked = taught.map((visit) => ({ ...visit, years: visit.years + ago }));
	const { personal, areas } = learnHead(
		strands.length > 0 ? [...looked, { years: 0, looks: strands }] : looked,
		prior,
		since
	);
	return {
		personal,
		factor: factorOf(personal),
		visits: taught.length,
		strandLooks: strands.length,
		areas: off.includes('areas') ? [] : areas
	};
}

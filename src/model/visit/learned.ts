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
import { DEFAULT_LIMIT_MINUTES } from '../../core/lift';
import type { Visit } from '../../schema/records';
import { conditionOf, mainZone, zonesOf, type ZoneStart } from './hair';
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

/**
 * Minutes that a head had lain when it was read off and dry. What went on last lay less than the timer says; packets
 * that were rinsed one after the other lay the time that was planned.
 */
function lainMinutes({ run, lift }: Visit, minute: number): number {
	const rinsed = Math.min(minute, run.rinsedAtMinute ?? minute);
	const { minute: on } = run.allOn ?? { minute: 0 };
	return Math.min(rinsed - on / 2, Math.max(lift.minutes, rinsed - on));
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

/** A record is never changed in place: the looks of one are worked out once. */
const workedOut = perLadder(() => new WeakMap<Visit, readonly VisitLook[]>());

function workOut(visit: Visit): VisitLook[] {
	const { reading, before, aim, lift, run } = visit;
	if (visit.noLift) return [];
	const zones = zonesOf(reading);
	let sections: readonly SectionWork[] | undefined;
	return run.notes.flatMap((note): VisitLook[] => {
		const { section, minute, level, lay, part, dry, step } = note;
		if (level === undefined || step !== undefined || part === 'oldLights') return [];
		sections ??= section === undefined ? undefined : sectionsIn(visit);
		const worked =
			section === undefined ? undefined : sections?.find((one) => one.section.id === section);
		const [area] = worked ? workedIn({ reading, aim, plan: lift }, worked.section) : [];
		const hair = worked ? hairAt(reading, area) : { reading, zones };
		const plan = worked ? planAt(lift, reading, aim, area) : lift;
		const zone = worked
			? mainZone(hair.zones, plan.covers)
			: zones.find(({ name }) => name === note.zone);
		const minutes = lay?.minutes ?? (dry ? lainMinutes(visit, minute) : minute);
		if (!zone || minutes < 1 || !plan.covers[zone.name]) return [];
		const main = applicationOn(plan, zone, minutes);
		const { naturalLevel, texture, warmth } = hair.reading;
		return [
			{
				note,
				zone,
				look: {
					seen: level,
					minutes,
					area,
					fibre: zone.fibre,
					factors: { naturalLevel, texture, warmth },
					condition: conditionOf(hair.reading),
					applications: [
						...before.map((each) => applicationOn(each, zone)),
						lay ? { ...main, ...placed(worked), ...mixtureOf(lay) } : main
					]
				}
			}
		];
	});
}

const placed = (worked: SectionWork | undefined) => (worked ? { placement: worked.placement } : {});

const mixtureOf = ({ minutes, volume, ratio, bowlAgeMinutes }: NonNullable<Note['lay']>) => ({
	minutes,
	volume,
	ratio,
	bowlAgeMinutes
});

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
		const looks = visit.result.untaught ? [] : looksOf(visit).map(({ look }) => look);
		return looks.length === 0 ? [] : [{ visit, looks }];
	});
	const last = looked.at(-1)?.visit.date ?? day;
	return looked.map((each) => ({ ...each, years: yearsBetween(each.visit.date, last) }));
}

/** What learning starts from and may use. */
export interface LearnsFrom {
	/** Factor on the rate of this texture that the salon has taken from its own heads, 1 as published. */
	readonly salon?: number | undefined;
	/** What of the head is not learned. */
	readonly off?: readonly ('rate' | 'areas' | 'grams')[] | undefined;
}

/**
 * Learns from a client's recorded visits before a day, the oldest first; what is long ago counts for
 * less.
 * @param day ISO date of the visit that is being planned
 */
export function learnedFrom(
	visits: readonly Visit[],
	day: string,
	{ salon = 1, off = [] }: LearnsFrom = {}
): Learned {
	const prior: Personal = { ...UNKNOWN_CLIENT, mean: Math.log(salon) };
	const taught = off.includes('rate') ? [] : teachingVisits(visits, day);
	const last = taught.at(-1)?.visit.date;
	const since = last === undefined ? 0 : yearsBetween(last, day);
	const { personal, areas } = learnHead(taught, prior, since);
	return {
		personal,
		factor: factorOf(personal),
		visits: taught.length,
		areas: off.includes('areas') ? [] : areas
	};
}

import {
	learnedSpread,
	levelInterval,
	levelOfFibre,
	liftCourse,
	predictLift,
	readyWindow,
	SCALP,
	SPREAD,
	spentMinute,
	type Application,
	type AreaName,
	type Course,
	type CourseMoment,
	type HeadFactors,
	type LiftResult,
	type ReadyWindow,
	type Spread
} from '../../core/lift';
import { describeLift, type LiftedFrom } from '../../core/hair';
import type { AreaHabit, Personal } from '../../core/learn';
import { estimateSessions, TARGET_TOLERANCE, type SessionsEstimate } from '../../core/plan';
import type { Aim, LiftPlan, Reading, ZoneName } from '../../schema/records';
import {
	beginCm,
	delayAt,
	lifting,
	middleOf,
	PAST_CM,
	reaches,
	tintOf,
	volumeOn,
	type WorkedPlan
} from '../day/steps';
import { conditionOf, type ZoneStart } from '../head/hair';

/** The chart runs this far, so that one sees what leaving it longer would do; further where it may stay longer. */
const CHART_MINUTES = 60;

/** Minutes that the clock of an application spans. */
export const clockMinutes = (limitMinutes: number): number => Math.max(CHART_MINUTES, limitMinutes);

/** Level the lift works towards: the aim, and the room the toner needs. */
export const liftTarget = (aim: Aim): number => Math.min(12, aim.level + aim.liftPast);

/** What a client's past visits have taught of how fast this head lifts. */
export interface Learned {
	readonly personal: Personal;
	/** Factor on the rate of the lift, 1 for typical. */
	readonly factor: number;
	/** Visits with a level that was seen at the chair. */
	readonly visits: number;
	/** Looks at test strands that count beside them. */
	readonly strandLooks?: number | undefined;
	/** What was seen on the day itself that counts beside them. */
	readonly looksToday?: number | undefined;
	/** Areas that were looked at by themselves, beside the rest of the head. */
	readonly areas: readonly AreaHabit[];
}

/** Factor on the rate at a place, as it was learned; nothing for a head as typical as any. */
export function learnedFactor(
	{ factor, areas }: Learned,
	area: AreaName | undefined
): number | undefined {
	const own = factor * (areas.find((habit) => habit.area === area)?.factor ?? 1);
	return own === 1 ? undefined : own;
}

/** A head as a prediction takes it: what was read, how fast it lifts, and how sure one is of both. */
export interface LiftSubject {
	readonly reading: Reading;
	readonly factors: HeadFactors;
	readonly spreadOf: (zone: ZoneName) => Spread;
	/** Condition index that it begins with, 0-100, where something was done to it since it was read. */
	readonly condition?: number | undefined;
}

/** Condition index that a head begins with, 0-100. */
const beginsWith = ({ reading, condition }: LiftSubject): number =>
	condition ?? conditionOf(reading);

/**
 * A reading with what past visits taught of this head.
 * @param learned left out, the head counts as typical
 * @param area the hair is of; none is the rest of the head
 */
export const subjectOf = (reading: Reading, learned?: Learned, area?: AreaName): LiftSubject => ({
	reading,
	factors: {
		naturalLevel: reading.naturalLevel,
		texture: reading.texture,
		warmth: reading.warmth,
		...personalOf(learned && learnedFactor(learned, area))
	},
	spreadOf: (zone) =>
		readingSpread(
			reading,
			zone,
			learned && looksIn(learned) > 0 ? learnedSpread(learned.personal.sd) : SPREAD
		)
});

/** Visits and single looks that it was learned from. */
const looksIn = ({ visits, strandLooks = 0, looksToday = 0 }: Learned): number =>
	visits + strandLooks + looksToday;

const personalOf = (personal: number | undefined): Pick<HeadFactors, 'personal'> =>
	personal === undefined ? {} : { personal };

/**
 * How sure the reading is: two people who agree halve the doubt of one, two who differ carry their
 * difference into the interval.
 */
function readingSpread(reading: Reading, zone: ZoneName, spread: Spread): Spread {
	const other = reading.secondOpinion?.[zone];
	if (other === undefined) return spread;
	const own = zoneLevel(reading, zone);
	return { ...spread, startLevel: Math.hypot(spread.startLevel / Math.SQRT2, (own - other) / 2) };
}

/** The level that was read for a zone. */
export const zoneLevel = (reading: Reading, zone: ZoneName): number =>
	reading.zones[zone].state === 'natural' ? reading.naturalLevel : reading.zones[zone].presentLevel;

/**
 * The plan as one application at the middle of a zone, as long as it lies there: the closed form of what
 * its events come to. A zone that is only drawn through near the finish gets the mixture as old as it is
 * by then; one that is kept out gets none.
 * @param minutes minutes since the first brush stroke
 */
export function applicationOn(
	plan: WorkedPlan,
	zone: ZoneStart,
	minutes = plan.minutes
): Application {
	const begins = beginsAt(plan, zone);
	return {
		product: plan.product,
		second: plan.second,
		volume: plan.covers[zone.name] ? volumeOn(plan, zone) : plan.volume,
		ratio: plan.ratio,
		minutes: Math.max(0, minutes - begins),
		...(plan.covers[zone.name] ? {} : { bowlAgeMinutes: Math.min(begins, plan.minutes) }),
		placement: plan.placement,
		section: plan.section,
		damp: plan.damp,
		bondAdditive: plan.bondAdditive,
		distanceCm: middleOf(plan, zone),
		formula: tintOf(plan),
		porosity: zone.porosity
	};
}

/** Minute at which the mixture comes onto a zone; `Infinity` where it never does. */
function beginsAt(plan: WorkedPlan, zone: ZoneStart): number {
	// Where it begins further down than the figures speak of, it does not come there.
	if (beginCm(plan, zone) + PAST_CM >= middleOf(plan, zone)) return Infinity;
	if (plan.covers[zone.name]) return delayAt(plan, zone);
	return reaches(plan, zone.name) ? Math.max(0, plan.minutes - plan.drawThroughMinutes) : Infinity;
}

/** What the Lift station says of its main zone at the planned minute. */
export interface LiftAnswer extends LiftResult {
	readonly low: number;
	readonly high: number;
	/** What its colour is called on the way: its own name until it is lifted by half a level. */
	readonly tone: string;
	/** Levels the first centimetre comes out lighter than the main zone; 0 where it is not covered. */
	readonly rootLead: number;
}

/**
 * The lift alone: what a tint lays down is its colour, not its lift.
 * @param earlier applications of the same day before it, on the same zone
 */
export function liftAnswer(
	subject: LiftSubject,
	plan: LiftPlan,
	zone: ZoneStart,
	earlier: readonly Application[] = []
): LiftAnswer {
	const { reading, factors: head } = subject;
	const applications = [...earlier, applicationOn(lifting(plan), zone)];
	const result = predictLift(zone.fibre, applications, head, beginsWith(subject)).at(-1)!;
	const spread = subject.spreadOf(zone.name);
	const interval = levelInterval(zone.fibre, applications, head, spread, zone.remembered).at(-1)!;
	return {
		...result,
		...interval,
		tone: describeLift(result.lab, result.level, liftedFrom(reading, zone)),
		rootLead: rootLead(subject, plan, zone, earlier, result.level)
	};
}

/** Where a zone's hair was before the day, for what its colour is called on the way. */
export const liftedFrom = (
	{ naturalLevel, warmth }: Reading,
	{ fibre, before = fibre }: Pick<ZoneStart, 'fibre' | 'before'>
): LiftedFrom => ({
	level: levelOfFibre(before),
	naturalLevel,
	warmth,
	coloured: before.layers.length > 0
});

function rootLead(
	{ factors }: LiftSubject,
	plan: LiftPlan,
	zone: ZoneStart,
	earlier: readonly Application[],
	level: number
): number {
	const coversScalp = plan.covers.root || (zone.fromCm === 0 && plan.covers[zone.name]);
	if (!coversScalp || zone.toCm <= SCALP.heatZoneCm || plan.startsAtMm / 10 >= SCALP.heatZoneCm)
		return 0;
	const minutes = Math.max(0, plan.minutes - plan.delays.root);
	const atScalp = [...earlier, { ...applicationOn(lifting(plan), zone), minutes }].map(
		(application) => ({
			...application,
			distanceCm: Math.max(0.5, plan.startsAtMm / 10)
		})
	);
	return predictLift(zone.fibre, atScalp, factors).at(-1)!.level - level;
}

/** A moment of a lift, and what the colour is called then. */
export interface NamedMoment extends Omit<CourseMoment, 'undertone'> {
	readonly undertone: string;
}

/** The lift unrolled against minutes. Does not depend on the planned minute. */
export interface CourseAnswer {
	readonly course: readonly NamedMoment[];
	readonly window: ReadyWindow | undefined;
	readonly spent: number;
	readonly limit: number;
	readonly target: { readonly low: number; readonly high: number };
}

export function courseAnswer(
	subject: LiftSubject,
	aim: Aim,
	plan: LiftPlan,
	zone: ZoneStart,
	limit: number,
	earlier: readonly Application[] = []
): CourseAnswer {
	const head = subject.factors;
	const application = applicationOn(lifting(plan), zone);
	const level = liftTarget(aim);
	const target = { low: level - TARGET_TOLERANCE, high: level + TARGET_TOLERANCE };
	const { fibre, spread, remembered } = afterEarlier(subject, zone, earlier);
	const delay = plan.covers[zone.name] ? delayAt(plan, zone) : Infinity;
	const last = clockMinutes(limit);
	const lying = Math.max(2, last - delay);
	const moments = liftCourse(fibre, application, head, lying, 2, spread, remembered);
	const course: Course =
		delay === 0
			? moments
			: delay >= last
				? [moments[0]!, { ...moments[0]!, minute: last }]
				: [moments[0]!, ...moments.map((moment) => ({ ...moment, minute: moment.minute + delay }))];
	return {
		course: course.map((moment) => ({
			...moment,
			undertone: describeLift(moment.lab, moment.level, liftedFrom(subject.reading, zone))
		})),
		window: readyWindow(course, target.low, target.high),
		spent: Math.min(limit, spentMinute(fibre, application, head, limit) + delay),
		limit,
		target
	};
}

/** Hair after the applications before this one, and how sure one still is of where it stands. */
function afterEarlier(
	subject: LiftSubject,
	zone: ZoneStart,
	earlier: readonly Application[]
): Pick<ZoneStart, 'fibre' | 'remembered'> & { readonly spread: Spread } {
	const spread = subject.spreadOf(zone.name);
	if (earlier.length === 0) return { ...zone, spread };
	const { fibre } = predictLift(zone.fibre, earlier, subject.factors).at(-1)!;
	// Nobody has looked yet: the eye's own error comes once, at the end.
	const { low, high } = levelInterval(
		zone.fibre,
		earlier,
		subject.factors,
		{ ...spread, reader: 0 },
		zone.remembered
	).at(-1)!;
	return {
		fibre,
		remembered: undefined,
		spread: { ...spread, startLevel: (high - low) / (2 * TENTH_NORMAL) }
	};
}

/** The normal curve leaves a tenth on either side of this many standard deviations. */
const TENTH_NORMAL = 1.2816;

/** The plain estimate: this day repeated until the aim is met. */
export const sessionsAnswer = (
	{ reading, factors }: LiftSubject,
	aim: Aim,
	day: readonly Application[],
	zone: ZoneStart
): SessionsEstimate =>
	estimateSessions(
		zone.fibre,
		day.map((application) => ({ ...application, formula: undefined })),
		factors,
		{ level: liftTarget(aim) },
		conditionOf(reading)
	);

const signed = (value: number, digits: number): string =>
	`${value >= 0 ? '+' : '−'}${Math.abs(value).toFixed(digits)}`;

/** What a changed plan would do to level and condition of a zone, in a few words. */
export function whatIf(
	subject: LiftSubject,
	plan: LiftPlan,
	zone: ZoneStart,
	change: Partial<LiftPlan>,
	earlier: readonly Application[] = []
): string {
	const condition = beginsWith(subject);
	const [now, then] = [plan, { ...plan, ...change }].map((p) =>
		predictLift(
			zone.fibre,
			[...earlier, applicationOn(lifting(p), zone)],
			subject.factors,
			condition
		).at(-1)!
	) as [LiftResult, LiftResult];
	const level = Math.round((then.level - now.level) * 10) / 10;
	const wear = Math.round(then.condition) - Math.round(now.condition);
	if (level === 0 && wear === 0) return 'no difference';
	return [
		...(level === 0 ? [] : [`${signed(level, 1)} level`]),
		...(wear === 0 ? [] : [`condition ${signed(wear, 0)}`])
	].join(', ');
}

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
	applyTo,
	type Application,
	type Course,
	type HeadFactors,
	type LiftResult,
	type ReadyWindow,
	type Spread
} from '../../core/lift';
import type { Personal } from '../../core/learn';
import { estimateSessions, TARGET_TOLERANCE, type SessionsEstimate } from '../../core/plan';
import type { Aim, LiftPlan, Reading, ZoneName } from '../../schema/records';
import { conditionOf, type ZoneStart } from './hair';

/** Minutes the chart runs past the plan, so that one sees what leaving it longer would do. */
export const CHART_MINUTES = 60;

/** Level the lift works towards: the aim, and the room the toner needs. */
export const liftTarget = (aim: Aim): number => Math.min(12, aim.level + aim.liftPast);

/** What a client's past visits have taught of how fast this head lifts. */
export interface Learned {
	readonly personal: Personal;
	/** Factor on the rate of the lift, 1 for typical. */
	readonly factor: number;
	/** Visits with a level that was seen at the chair. */
	readonly visits: number;
	readonly words: string;
}

/** A head as a prediction takes it: what was read, how fast it lifts, and how sure one is of both. */
export interface LiftSubject {
	readonly reading: Reading;
	readonly factors: HeadFactors;
	readonly spreadOf: (zone: ZoneName) => Spread;
}

/**
 * A reading with what past visits taught of this head.
 * @param learned left out, the head counts as typical
 */
export const subjectOf = (reading: Reading, learned?: Learned): LiftSubject => ({
	reading,
	factors: {
		naturalLevel: reading.naturalLevel,
		texture: reading.texture,
		...(learned && learned.visits > 0 ? { personal: learned.factor } : {})
	},
	spreadOf: (zone) =>
		readingSpread(
			reading,
			zone,
			learned && learned.visits > 0 ? learnedSpread(learned.personal.sd) : SPREAD
		)
});

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

/** The plan as one application at the middle of a zone. */
export function applicationOn(
	plan: LiftPlan,
	zone: ZoneStart,
	minutes = plan.minutes
): Application {
	return {
		product: plan.product,
		volume: plan.volume,
		ratio: plan.ratio,
		minutes,
		placement: plan.placement,
		section: plan.section,
		damp: plan.damp,
		bondAdditive: plan.bondAdditive,
		distanceCm: (zone.fromCm + zone.toCm) / 2
	};
}

/** What the Lift station says of its main zone at the planned minute. */
export interface LiftAnswer extends LiftResult {
	readonly low: number;
	readonly high: number;
	/** Levels the first centimetre comes out lighter than the main zone; 0 where it is not covered. */
	readonly rootLead: number;
}

export function liftAnswer(subject: LiftSubject, plan: LiftPlan, zone: ZoneStart): LiftAnswer {
	const { reading, factors: head } = subject;
	const application = applicationOn(plan, zone);
	const result = predictLift(zone.fibre, [application], head, conditionOf(reading))[0]!;
	const spread = subject.spreadOf(zone.name);
	const interval = levelInterval(zone.fibre, [application], head, spread)[0]!;
	return { ...result, ...interval, rootLead: rootLead(subject, plan, zone, result.level) };
}

function rootLead(
	{ factors }: LiftSubject,
	plan: LiftPlan,
	zone: ZoneStart,
	level: number
): number {
	const coversScalp = plan.covers.root || (zone.fromCm === 0 && plan.covers[zone.name]);
	if (!coversScalp || zone.toCm <= SCALP.heatZoneCm) return 0;
	const minutes = Math.max(0, plan.minutes - plan.rootDelayMinutes);
	const atScalp = applyTo(
		zone.fibre,
		{ ...applicationOn(plan, zone, minutes), distanceCm: 0.5 },
		factors
	);
	return levelOfFibre(atScalp) - level;
}

/** The lift unrolled against minutes. Does not depend on the planned minute. */
export interface CourseAnswer {
	readonly course: Course;
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
	limit: number
): CourseAnswer {
	const head = subject.factors;
	const application = applicationOn(plan, zone);
	const level = liftTarget(aim);
	const target = { low: level - TARGET_TOLERANCE, high: level + TARGET_TOLERANCE };
	const spread = subject.spreadOf(zone.name);
	const course = liftCourse(zone.fibre, application, head, CHART_MINUTES, 2, spread);
	return {
		course,
		window: readyWindow(course, target.low, target.high),
		spent: spentMinute(zone.fibre, application, head, limit),
		limit,
		target
	};
}

/** The plain estimate: this visit repeated until the aim is met. */
export const sessionsAnswer = (
	{ reading, factors }: LiftSubject,
	aim: Aim,
	plan: LiftPlan,
	zone: ZoneStart
): SessionsEstimate =>
	estimateSessions(
		zone.fibre,
		[applicationOn(plan, zone)],
		factors,
		{ level: liftTarget(aim) },
		conditionOf(reading)
	);

const signed = (value: number, digits: number): string =>
	`${value >= 0 ? '+' : '−'}${Math.abs(value).toFixed(digits)}`;

/** What a changed plan would do to level and condition, in a few words. */
export function whatIf(
	{ reading, factors: head }: LiftSubject,
	plan: LiftPlan,
	zone: ZoneStart,
	change: Partial<LiftPlan>
): string {
	const condition = conditionOf(reading);
	const [now, then] = [plan, { ...plan, ...change }].map(
		(p) => predictLift(zone.fibre, [applicationOn(p, zone)], head, condition)[0]!
	) as [LiftResult, LiftResult];
	const level = then.level - now.level;
	const wear = Math.round(then.condition) - Math.round(now.condition);
	return `${signed(level, 1)} level${wear === 0 ? '' : `, condition ${signed(wear, 0)}`}`;
}

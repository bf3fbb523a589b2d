import { volumeCeiling } from '../caution';
import { undertoneOf, type Lab, type Undertone } from '../colour';
import {
	DEFAULT_LIMIT_MINUTES,
	doseToLevel,
	levelInterval,
	levelOfFibre,
	minutesForDose,
	predictLift,
	SPREAD,
	WHITE_FIBRE,
	type Application,
	type Fibre,
	type HeadFactors,
	type LiftResult,
	type Placement,
	type Product,
	type Remembered,
	type Spread
} from '../lift';
import { finish, type Steps } from '../steps';
import { CHAIR_MINUTES, HOLDS_TONER_FROM, PLAN, SEARCH, TARGET_TOLERANCE } from './constants';

/** How fast one likes to work: which strengths are considered. */
export type Pace = keyof typeof SEARCH.volumes;

/** The head a plan is made for. */
export interface PlanHead {
	readonly fibre: Fibre;
	readonly white?: Fibre | undefined;
	/** Share of white fibres, 0-1. */
	readonly whiteShare?: number | undefined;
	readonly factors: HeadFactors;
	/** Condition index before the first visit, 0-100. */
	readonly condition: number;
	readonly remembered?: Remembered | undefined;
	readonly spread?: Spread | undefined;
}

/** What the plan must keep to; everything has a usual value. */
export interface PlanConstraints {
	readonly pace?: Pace | undefined;
	/** Whether the mixture touches the scalp. */
	readonly scalp?: boolean | undefined;
	readonly maxVolume?: number | undefined;
	readonly maxVisits?: number | undefined;
	readonly restWeeks?: number | undefined;
	readonly minCondition?: number | undefined;
	/** Longest one application may stay, minutes. */
	readonly limitMinutes?: number | undefined;
	/** Minutes to put one application on. */
	readonly workMinutes?: number | undefined;
	/** Money an hour and for the materials of one application, in any currency. */
	readonly rates?: { readonly perHour: number; readonly perApplication: number } | undefined;
}

/** One visit of a plan. */
export interface VisitPlan {
	readonly week: number;
	/** In order; each starts from what the last one left, rinsed between. */
	readonly applications: readonly Application[];
	readonly level: number;
	readonly low: number;
	readonly high: number;
	readonly lab: Lab;
	readonly undertone: Undertone;
	readonly condition: number;
	readonly chairMinutes: number;
	readonly price?: number | undefined;
	/** Overprocessed hair does not hold a toner: it waits a day or more. */
	readonly tonerWaits: boolean;
}

export type PlanName = 'fewest visits' | 'least wear' | 'least chair time';

/** A way to the aim. */
export interface ServicePlan {
	readonly name: PlanName;
	/** Other names it would deserve: it is the best in these as well. */
	readonly also: readonly PlanName[];
	readonly visits: readonly VisitPlan[];
	readonly reaches: boolean;
	readonly level: number;
	readonly levelLow: number;
	readonly levelHigh: number;
	readonly condition: number;
	readonly chairMinutes: number;
	readonly weeks: number;
	readonly price?: number | undefined;
}

/** What stops the nearest that can be had. */
export type Stopped = 'condition' | 'visits' | 'spent';

export interface PlanAnswer {
	/** Distinct plans that reach the aim; empty when none does. */
	readonly plans: readonly ServicePlan[];
	/** How near one gets where it cannot be had. */
	readonly nearest?: (ServicePlan & { readonly stoppedBy: Stopped }) | undefined;
	/** The hair is there already: no lift is needed. */
	readonly already: boolean;
}

/** One way of working, repeated visit after visit. */
interface Recipe {
	readonly application: Application;
	readonly perVisit: number;
	/** A bleach wash that takes old colour out before the first lightening. */
	readonly removal?: Application | undefined;
}

/** A recipe carried through. */
interface Course {
	readonly visits: readonly (readonly Application[])[];
	readonly results: readonly LiftResult[];
	readonly level: number;
	readonly condition: number;
	readonly minutes: number;
	readonly stoppedBy?: Stopped;
}

const PLACES: readonly { product: Product; placement: Placement; scalp: boolean }[] = [
	{ product: 'cream', placement: 'onScalp', scalp: true },
	{ product: 'oil', placement: 'onScalp', scalp: true },
	{ product: 'powder', placement: 'foil', scalp: false },
	{ product: 'cream', placement: 'foil', scalp: false },
	{ product: 'clay', placement: 'openAir', scalp: false }
];

function recipesFor(head: PlanHead, target: number, constraints: PlanConstraints): Recipe[] {
	const { pace = 'gentle', scalp = false, maxVolume = Infinity } = constraints;
	const limit = constraints.limitMinutes ?? DEFAULT_LIMIT_MINUTES;
	const coloured = head.fibre.layers.length > 0;
	const gap = target - levelOfFibre(head.fibre);
	const places = PLACES.filter((place) => place.scalp === scalp);
	// A tint lifts natural hair alone, and not far.
	if (!coloured && gap <= SEARCH.highLiftLevels) {
		places.push({ product: 'highLift', placement: scalp ? 'onScalp' : 'cap', scalp });
	}
	const removals = coloured ? [undefined, removalFor(scalp, maxVolume)] : [undefined];
	const minutes = SEARCH.minutes.filter((value) => value < limit);
	return places.flatMap(({ product, placement }) =>
		volumesFor(pace, product, placement, maxVolume).flatMap((volume) =>
			SEARCH.ratios[product].flatMap((ratio) =>
				[...minutes, limit].flatMap((minutes) =>
					SEARCH.perVisit.flatMap((perVisit) =>
						removals.map((removal): Recipe => ({
							application: { product, placement, volume, ratio, minutes },
							perVisit,
							removal
						}))
					)
				)
			)
		)
	);
}

function volumesFor(pace: Pace, product: Product, placement: Placement, most: number): number[] {
	const ceiling = Math.min(most, volumeCeiling(product, placement));
	const usual: readonly number[] =
		product === 'highLift' ? SEARCH.highLiftVolumes : SEARCH.volumes[pace];
	const allowed = usual.filter((volume) => volume <= ceiling);
	// A ceiling between two steps is itself a strength that can be mixed.
	return allowed.length > 0 || ceiling < PLAN.leastVolume ? [...allowed] : [ceiling];
}

const removalFor = (scalp: boolean, maxVolume: number): Application => ({
	product: 'bleachWash',
	placement: scalp ? 'onScalp' : 'film',
	volume: Math.min(20, maxVolume),
	ratio: 2,
	minutes: SEARCH.removalMinutes,
	damp: false
});

/** Carries a recipe through until the aim is met, the hair forbids more, or nothing more is gained. */
function follow(recipe: Recipe, head: PlanHead, target: number, limits: Limits): Course {
	const visits: Application[][] = [];
	const results: LiftResult[] = [];
	let state = {
		fibre: head.fibre,
		white: head.white ?? WHITE_FIBRE,
		condition: head.condition,
		level: levelOfFibre(head.fibre)
	};
	const ended = (stoppedBy?: Stopped): Course => ({
		visits,
		results,
		level: state.level,
		condition: state.condition,
		minutes: visits.flat().reduce((sum, { minutes }) => sum + minutes, 0),
		...(stoppedBy ? { stoppedBy } : {})
	});
	while (visits.length < limits.visits) {
		const visit: Application[] = [];
		const before = { state, results: results.length };
		const steps = Array<Application>(recipe.perVisit).fill(recipe.application);
		if (recipe.removal && visits.length === 0) steps.unshift(recipe.removal);
		for (const step of steps) {
			const application = shortened(step, state.fibre, head.factors, target);
			const [result] = predictLift(
				state.fibre,
				[application],
				head.factors,
				state.condition,
				head.whiteShare,
				state.white
			);
			// A second round is left out when the hair would not bear it; the first of a visit decides.
			if (result!.condition < limits.condition) {
				if (visit.length === 0) return ended('condition');
				break;
			}
			if (visit.length > 0 && result!.level - state.level < SEARCH.leastGain) break;
			state = result!;
			visit.push(application);
			results.push(result!);
			if (state.level >= target - TARGET_TOLERANCE) break;
		}
		visits.push(visit);
		if (state.level >= target - TARGET_TOLERANCE) return ended();
		if (state.level - before.state.level < SEARCH.leastGain) {
			visits.pop();
			results.length = before.results;
			state = before.state;
			return ended('spent');
		}
	}
	return ended('visits');
}

/** An application cut short at the minute at which it meets the aim. */
function shortened(
	application: Application,
	fibre: Fibre,
	factors: HeadFactors,
	target: number
): Application {
	if (fibre.layers.length > 0 && application.product === 'highLift') return application;
	const exact = minutesForDose(application, factors, doseToLevel(fibre, target));
	if (exact === undefined || exact >= application.minutes) return application;
	return { ...application, minutes: Math.max(SEARCH.leastMinutes, Math.ceil(exact)) };
}

interface Limits {
	readonly visits: number;
	readonly condition: number;
}

/**
 * Searches pace × product × volume × ratio × minutes × applications a visit × visits for ways that
 * reach the target level, the hair no worse than allowed after each visit and every ceiling kept. No
 * plan goes below 10 vol, or takes more than one visit beyond the fewest.
 * @param target level to lift to
 */
export function* searchPlansSteps(
	head: PlanHead,
	target: number,
	constraints: PlanConstraints = {}
): Steps<PlanAnswer> {
	if (levelOfFibre(head.fibre) >= target - TARGET_TOLERANCE) {
		return { plans: [], already: true };
	}
	const limits: Limits = {
		visits: constraints.maxVisits ?? PLAN.mostVisits,
		condition: constraints.minCondition ?? PLAN.minCondition
	};
	const recipes = recipesFor(head, target, constraints);
	const courses: Course[] = [];
	for (const [i, recipe] of recipes.entries()) {
		courses.push(follow(recipe, head, target, limits));
		if (i % 8 === 7) yield i / recipes.length;
	}
	const reaching = courses.filter(({ stoppedBy }) => stoppedBy === undefined);
	if (reaching.length === 0) {
		const nearest = courses
			.filter(({ visits }) => visits.length > 0)
			.sort((p, q) => q.level - p.level || q.condition - p.condition)[0];
		if (!nearest) return { plans: [], already: false };
		const plan = planOf('fewest visits', [], nearest, head, constraints);
		return {
			plans: [],
			nearest: { ...plan, reaches: false, stoppedBy: nearest.stoppedBy! },
			already: false
		};
	}
	return { plans: distinct(reaching, head, constraints), already: false };
}

/** {@link searchPlansSteps} without a pause. */
export const searchPlans = (
	head: PlanHead,
	target: number,
	constraints: PlanConstraints = {}
): PlanAnswer => finish(searchPlansSteps(head, target, constraints));

function distinct(
	reaching: readonly Course[],
	head: PlanHead,
	constraints: PlanConstraints
): ServicePlan[] {
	const fewest = Math.min(...reaching.map(({ visits }) => visits.length));
	const bearable = reaching.filter(({ visits }) => visits.length <= fewest + 1);
	const chair = (course: Course) => chairOf(course, constraints);
	const best = (order: (p: Course, q: Course) => number) => [...bearable].sort(order)[0]!;
	const wear = (p: Course, q: Course) => q.condition - p.condition;
	const winners: [PlanName, Course][] = [
		[
			'fewest visits',
			best((p, q) => p.visits.length - q.visits.length || wear(p, q) || chair(p) - chair(q))
		],
		['least wear', best((p, q) => wear(p, q) || chair(p) - chair(q))],
		['least chair time', best((p, q) => chair(p) - chair(q) || wear(p, q))]
	];
	const plans: ServicePlan[] = [];
	for (const [name, course] of winners) {
		if (
			winners.findIndex(([, other]) => other === course) < winners.findIndex(([n]) => n === name)
		) {
			continue;
		}
		const also = winners.flatMap(([other, same]) =>
			same === course && other !== name ? [other] : []
		);
		plans.push(planOf(name, also, course, head, constraints));
	}
	return plans;
}

/** Chair time of one visit: consultation and finish once, work and rinse for every application. */
function visitMinutes(applications: readonly Application[], constraints: PlanConstraints): number {
	const { consult, rinse, tone, finish: dry } = CHAIR_MINUTES;
	const work = constraints.workMinutes ?? SEARCH.workMinutes;
	const lift = applications.reduce((sum, { minutes }) => sum + work + minutes + rinse, 0);
	return Math.round(consult + lift + tone + dry);
}

const chairOf = ({ visits }: Course, constraints: PlanConstraints): number =>
	visits.reduce((sum, visit) => sum + visitMinutes(visit, constraints), 0);

function planOf(
	name: PlanName,
	also: readonly PlanName[],
	course: Course,
	head: PlanHead,
	constraints: PlanConstraints
): ServicePlan {
	const all = course.visits.flat();
	const spread = head.spread ?? SPREAD;
	const intervals = levelInterval(head.fibre, all, head.factors, spread, head.remembered);
	const rest = constraints.restWeeks ?? PLAN.restWeeks;
	let done = 0;
	const visits = course.visits.map((applications, i): VisitPlan => {
		done += applications.length;
		const result = course.results[done - 1]!;
		const interval = intervals[done - 1]!;
		const chairMinutes = visitMinutes(applications, constraints);
		return {
			week: i * rest,
			applications,
			level: result.level,
			low: interval.low,
			high: interval.high,
			lab: result.lab,
			undertone: undertoneOf(result.lab),
			condition: result.condition,
			chairMinutes,
			price: priceOf(chairMinutes, applications.length, constraints),
			tonerWaits: result.condition < HOLDS_TONER_FROM
		};
	});
	const last = visits.at(-1)!;
	const chairMinutes = visits.reduce((sum, visit) => sum + visit.chairMinutes, 0);
	return {
		name,
		also,
		visits,
		reaches: true,
		level: last.level,
		levelLow: last.low,
		levelHigh: last.high,
		condition: last.condition,
		chairMinutes,
		weeks: last.week,
		price: priceOf(chairMinutes, all.length, constraints)
	};
}

const priceOf = (
	chairMinutes: number,
	applications: number,
	{ rates }: PlanConstraints
): number | undefined =>
	rates && (rates.perHour * chairMinutes) / 60 + rates.perApplication * applications;

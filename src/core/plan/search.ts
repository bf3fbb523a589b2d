import { undertoneOf, type Lab, type Undertone } from '../colour';
import {
	DEFAULT_LIMIT_MINUTES,
	levelInterval,
	levelOfFibre,
	SPREAD,
	type Application
} from '../lift';
import { finish, type Steps } from '../steps';
import { chairMinutes, lastRinse } from '../work';
import { HOLDS_TONER_FROM, PLAN, SEARCH, TARGET_TOLERANCE } from './constants';
import { servicePrice } from './price';
import {
	follow,
	recipesFor,
	type Course,
	type Limits,
	type PlanConstraints,
	type PlanHead,
	type Stopped
} from './recipes';

/** One visit of a plan. */
export interface VisitPlan {
	readonly week: number;
	/** In order; each starts from what the last one left, rinsed between. */
	readonly applications: readonly Application[];
	/** What each of them leaves. */
	readonly after: readonly { readonly level: number; readonly condition: number }[];
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

export interface PlanAnswer {
	/** Distinct plans that reach the aim; empty when none does. */
	readonly plans: readonly ServicePlan[];
	/** How near one gets where it cannot be had. */
	readonly nearest?: (ServicePlan & { readonly stoppedBy: Stopped }) | undefined;
	/** The hair is there already: no lift is needed. */
	readonly already: boolean;
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

/**
 * {@link searchPlansSteps} without a pause.
 * @internal
 */
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
	const work = constraints.workMinutes ?? SEARCH.workMinutes;
	const limit = constraints.limitMinutes ?? DEFAULT_LIMIT_MINUTES;
	return chairMinutes(
		applications.map(({ minutes }) => lastRinse([work / 2, work / 2], minutes, limit)),
		constraints.toner ?? SEARCH.toner,
		0,
		constraints.finishMinutes
	);
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
			after: course.results
				.slice(done - applications.length, done)
				.map(({ level, condition }) => ({ level, condition })),
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
	{ rates, materials = { foils: 0, grams: 0 } }: PlanConstraints
): number | undefined =>
	rates &&
	servicePrice(
		{
			chairMinutes,
			applications,
			foils: applications * materials.foils,
			grams: applications * materials.grams
		},
		rates
	);

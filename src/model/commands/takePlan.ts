import type { AimJudgement, AimProblem, Pace, ServicePlan, VisitPlan } from '../../core/plan';
import type { Application } from '../../core/lift';
import { newId } from '../identity';
import { makeSeries, openLater } from '../commands/series';
import type { LiftPlan, LiftStep, Visit } from '../../schema/records';
import { aimProblem, type AimSource } from '../visit/aimProblem';
import type { LiftDay } from '../visit/day';

/** What is asked of the plans beside what the salon keeps to. */
export interface PlanWishes {
	readonly pace: Pace;
	readonly restWeeks: number;
	readonly maxVisits: number;
}

/** The whole head as the search for plans takes it. */
export function planProblem(source: AimSource, wishes: PlanWishes): AimProblem {
	const { hair, constraints } = aimProblem(source);
	return { hair, constraints: { ...constraints, ...wishes } };
}

/** The hair that needs most, with the ways there: what it takes is what the head takes. */
export const deciding = (judgement: AimJudgement) =>
	judgement.hair.find(({ id }) => id === judgement.decides);

/** A product that the search names and a plan can hold. */
const mixtureOf = (base: LiftPlan, application: Application): LiftPlan => {
	const { volume, ratio, minutes, placement } = application;
	const product = application.product === 'alkalineDemi' ? base.product : application.product;
	return {
		...base,
		product,
		volume,
		ratio,
		minutes,
		placement,
		// The search counts on dry hair, taken thin, without additives, begun everywhere at once.
		section: 'seeThrough',
		damp: false,
		bondAdditive: false,
		drawThroughMinutes: 0
	};
};

/** One visit of a plan as a day of work. Where the plan begins with a bleach wash, the wash goes before. */
export function dayOfVisit({ applications }: VisitPlan, base: LiftPlan): LiftDay {
	const wash = applications.length > 1 && applications[0]!.product === 'bleachWash' ? 1 : 0;
	const step = (kind: LiftStep['kind'], application: Application): LiftStep => ({
		...mixtureOf(base, application),
		id: newId(),
		kind
	});
	return {
		before: applications.slice(0, wash).map((application) => step('removal', application)),
		lift: mixtureOf(base, applications[wash]!),
		after: applications.slice(wash + 1).map((application) => step('again', application))
	};
}

/** What a plan is taken into. */
interface Taking {
	visit(id: string): Visit;
	put(visit: Visit): void;
	remove(visit: Visit): void;
}

/**
 * Takes a plan: today's visit is worked as its first, and its later ones are made, in place of any that
 * were planned before and not begun.
 * @param visits all there are
 */
export function takePlan(
	draft: Taking,
	visit: Visit,
	visits: Iterable<Visit>,
	plan: ServicePlan,
	now: Date
): void {
	const replaced = openLater(visits, visit);
	const [today, ...later] = makeSeries(
		visit,
		plan.visits.map((each) => ({
			week: each.week,
			day: dayOfVisit(each, visit.lift),
			level: each.level
		})),
		now
	);
	const { lift, before, after, series } = today!;
	const own = draft.visit(visit.id);
	Object.assign(own, { lift, before, after });
	if (series) own.series = series;
	else delete own.series;
	for (const gone of replaced) draft.remove(gone);
	for (const made of later) draft.put(made);
}

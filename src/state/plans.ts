import type { AimJudgement, AimProblem, Pace, ServicePlan, VisitPlan } from '../core/plan';
import type { Application } from '../core/lift';
import { newId } from '../model/identity';
import type { Library } from '../store/library.svelte';
import { makeSeries, openLater } from '../model/commands/series';
import type { LiftPlan, LiftStep, Visit } from '../schema/records';
import { aimProblem } from '../model/visit/aimProblem';
import type { LiftDay } from '../model/visit/day';
import type { VisitSession } from './visitState.svelte';

/** What is asked of the plans beside what the salon keeps to. */
export interface PlanWishes {
	readonly pace: Pace;
	readonly restWeeks: number;
	readonly maxVisits: number;
}

/** The whole head as the search for plans takes it. */
export function planProblem(session: VisitSession, wishes: PlanWishes): AimProblem {
	const { hair, constraints } = aimProblem(session);
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

/**
 * Takes a plan: today's visit is worked as its first, and its later ones are made, in place of any that
 * were planned before and not begun.
 * @returns how to take it back
 */
export function takePlan(
	session: VisitSession,
	library: Library,
	plan: ServicePlan,
	now: Date
): () => void {
	const before = session.visit;
	const replaced = openLater(library.visits.values(), before);
	const [today, ...later] = makeSeries(
		before,
		plan.visits.map((visit) => ({
			week: visit.week,
			day: dayOfVisit(visit, before.lift),
			level: visit.level
		})),
		now
	);
	const work = (visit: Visit, label: string) =>
		session.change(label, (draft) => {
			const { lift, before, after, series } = visit;
			Object.assign(draft, { lift, before, after });
			if (series) draft.series = series;
			else delete draft.series;
		});
	work(today!, `plan of ${plan.visits.length}`);
	for (const visit of replaced) void library.remove(visit);
	for (const visit of later) library.put(visit);
	return () => {
		work(before, 'plan taken back');
		for (const visit of later) void library.remove(visit);
		for (const visit of replaced) library.put(visit);
	};
}

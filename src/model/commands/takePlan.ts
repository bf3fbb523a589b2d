import type { AimProblem, Pace, ServicePlan } from '../../core/plan';
import { dequal as equal } from 'dequal/lite';
import { makeSeries, openLater } from '../commands/series';
import { plainLift } from './newVisit';
import type { Visit } from '../../schema/records';
import { aimProblem, type AimSource } from '../visit/aimProblem';
import { dayOfVisit } from '../visit/planDay';

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

/** Works today as the first visit of a plan, on a draft; no later visits are made. */
export function takeToday(draft: Visit, plan: ServicePlan): void {
	const [today] = plan.visits;
	if (today) Object.assign(draft, dayOfVisit(today, draft.lift));
}

/** Whether nobody has set anything of the day beside what it covers: it is worked as a new visit begins. */
export const isUntouched = ({ before, lift, after, reading }: Visit): boolean =>
	before.length + after.length === 0 &&
	equal(
		{ ...lift, overlap: undefined, lightsAlong: undefined },
		{ ...plainLift(reading), covers: lift.covers, overlap: undefined, lightsAlong: undefined }
	);

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

import { dequal as equal } from 'dequal/lite';
import type { Application } from '../../core/lift';
import type { AimJudgement, ServicePlan, VisitPlan } from '../../core/plan';
import type { LiftPlan, LiftStep } from '../../schema/records';
import { newId } from '../identity';
import type { LiftDay } from '../day/steps';

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

/** Whether a day is worked as the first visit of a plan says. */
export function isWorkedSo({ before, lift, after }: LiftDay, plan: ServicePlan): boolean {
	const [today] = plan.visits;
	if (!today) return false;
	const asked = dayOfVisit(today, lift);
	const alike = (own: readonly LiftStep[], other: readonly LiftStep[]) =>
		equal(own.map(withoutId), other.map(withoutId));
	return equal(lift, asked.lift) && alike(before, asked.before) && alike(after, asked.after);
}

const withoutId = ({ id: _, ...step }: LiftStep) => step;

import type * as z from 'zod/mini';
import { hexOf } from '../../core/colour';
import { onScale } from '../../core/hair';
import { startOfReading } from '../../core/lift';
import { searchPlansSteps, type ServicePlan } from '../../core/plan';
import type { Steps } from '../../core/steps';
import type { planAnswer, planRequest } from '../../schema/api';
import { factorsOf } from './hair';

type Plan = z.input<typeof planAnswer>['plans'][number];

const planOut = (plan: ServicePlan): Plan => ({
	...plan,
	also: [...plan.also],
	level: onScale(plan.level),
	levelLow: onScale(plan.levelLow),
	levelHigh: onScale(plan.levelHigh),
	visits: plan.visits.map(({ lab, applications, after, ...visit }) => ({
		...visit,
		level: onScale(visit.level),
		low: onScale(visit.low),
		high: onScale(visit.high),
		applications: applications.map((application) => ({ ...application })),
		after: after.map(({ level, condition }) => ({ level: onScale(level), condition })),
		lab,
		hex: hexOf(lab)
	}))
});

/** Answers `/api/plan`: distinct ways to the aim, or how near one gets. */
export function* planSteps(
	request: z.output<typeof planRequest>
): Steps<z.input<typeof planAnswer>> {
	const { hair, target, constraints } = request;
	const { fibre, white, remembered } = startOfReading(hair);
	const answer = yield* searchPlansSteps(
		{
			fibre,
			white,
			remembered,
			whiteShare: hair.whiteShare,
			factors: factorsOf(hair, request.personal),
			condition: hair.condition
		},
		target.level + target.liftPast,
		constraints
	);
	return {
		plans: answer.plans.map(planOut),
		already: answer.already,
		...(answer.nearest
			? { nearest: { ...planOut(answer.nearest), stoppedBy: answer.nearest.stoppedBy } }
			: {})
	};
}

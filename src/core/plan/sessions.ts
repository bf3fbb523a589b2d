import type { STOPPED_BY } from '../vocabulary';
import { undertoneOf, type Undertone } from '../colour';
import {
	labOfFibre,
	levelInterval,
	levelOfFibre,
	predictLift,
	type Application,
	type Fibre,
	type HeadFactors
} from '../lift';
import { PLAN, TARGET_TOLERANCE } from './constants';

/** One visit of the estimate. */
export interface PlannedVisit {
	readonly number: number;
	/** Weeks after today. */
	readonly week: number;
	readonly level: number;
	readonly low: number;
	readonly high: number;
	readonly undertone: Undertone;
	readonly condition: number;
}

export interface SessionsEstimate {
	readonly visits: readonly PlannedVisit[];
	/** Whether the target interval is met within the limits. */
	readonly reaches: boolean;
	/** Why it stops short: the hair, the number of visits, or nothing left to gain. */
	readonly stoppedBy?: (typeof STOPPED_BY)[number];
}

/** The end of the wish: what the visits work towards. */
export interface SessionsGoal {
	readonly level: number;
	readonly minCondition?: number;
	readonly restWeeks?: number;
	readonly mostVisits?: number;
}

/**
 * Repeats the same visit until the level is inside the target interval, or condition forbids
 * another, or nothing more is gained.
 * @param condition condition index before the first visit, 0-100
 */
export function estimateSessions(
	start: Fibre,
	applications: readonly Application[],
	head: HeadFactors,
	goal: SessionsGoal,
	condition = 100
): SessionsEstimate {
	const least = goal.minCondition ?? PLAN.minCondition;
	const most = goal.mostVisits ?? PLAN.mostVisits;
	const met = (level: number) => level >= goal.level - TARGET_TOLERANCE;
	const visits: PlannedVisit[] = [];
	const repeated: Application[] = [];
	let fibre = start;
	let left = condition;
	if (met(levelOfFibre(start))) return { visits, reaches: true };
	while (visits.length < most) {
		const result = predictLift(fibre, applications, head, left).at(-1);
		if (!result) return { visits, reaches: false, stoppedBy: 'spent' };
		if (result.condition < least) return { visits, reaches: false, stoppedBy: 'condition' };
		if (result.level - levelOfFibre(fibre) < 0.1) {
			return { visits, reaches: false, stoppedBy: 'spent' };
		}
		fibre = result.fibre;
		left = result.condition;
		repeated.push(...applications);
		const interval = levelInterval(start, repeated, head).at(-1)!;
		visits.push({
			number: visits.length + 1,
			week: visits.length * (goal.restWeeks ?? PLAN.restWeeks),
			level: result.level,
			low: interval.low,
			high: interval.high,
			undertone: undertoneOf(labOfFibre(fibre)),
			condition: left
		});
		if (met(result.level)) return { visits, reaches: true };
	}
	return { visits, reaches: false, stoppedBy: 'visits' };
}

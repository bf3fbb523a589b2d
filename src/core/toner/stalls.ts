import { undertoneOf, type Undertone } from '../colour';
import {
	dyesOf,
	furtherApplications,
	levelOfFibre,
	minutesForDose,
	doseToLevel,
	labOfFibre,
	lightenFibre,
	type Application,
	type Fibre,
	type FurtherApplication,
	type HeadFactors
} from '../lift';
import { targetLab, type DepositConditions } from '../tone';
import type { ShelfShade } from './search';
import { solveTone, type ToneFormula } from './solve';
import { finish, type Steps } from '../steps';
import { PLAN } from '../plan';
import { STALL } from './constants';

/** What can be done if the lift stops at a level. */
export interface StallPoint {
	readonly level: number;
	readonly undertone: Undertone;
	/** One more round from here, when the hair would bear it and it gains anything. */
	readonly again?:
		| (FurtherApplication & {
				/** Minutes of that round until the aim is met; nothing when one round is not enough. */
				readonly minutesToAim: number | undefined;
		  })
		| undefined;
	/** Why there is no further round. */
	readonly stopped?: 'condition' | 'spent' | undefined;
	/** What would still give a wearable result from here; best first. */
	readonly backup: readonly ToneFormula[];
	/** Level the backup is aimed at. */
	readonly backupLevel: number;
}

/** Where a plan may stop short, and with what it is told. */
export interface StallProblem {
	/** The hair before the lift. */
	readonly start: Fibre;
	readonly application: Application;
	readonly factors: HeadFactors;
	/** Condition expected after the planned lift. */
	readonly conditionAfter: number;
	/** Level hoped for, and the low end of the interval. */
	readonly aimedLevel: number;
	readonly lowLevel: number;
	readonly minCondition?: number | undefined;
	readonly shelf: readonly ShelfShade[];
	readonly conditions: DepositConditions;
	readonly totalGrams: number;
}

/**
 * The backup plan, ready before anything is mixed: for each half level between the low end of the
 * interval and the aim, the next round if the hair bears one, and the toner that still gives a wearable
 * result half a level deeper, keeping the warmth that cannot be taken.
 * @returns deepest first; empty when even the low end meets the aim
 */
export function* stallPointsSteps(problem: StallProblem): Steps<StallPoint[]> {
	const { start, aimedLevel } = problem;
	const from = Math.max(levelOfFibre(start), Math.floor(problem.lowLevel * 2) / 2);
	const points: StallPoint[] = [];
	for (let level = from; level < aimedLevel - STALL.step / 2; level += STALL.step) {
		points.push(stallAt(problem, level));
		if (points.length === STALL.most) break;
		yield points.length / STALL.most;
	}
	return points;
}

/** {@link stallPointsSteps} without a pause. */
export const stallPoints = (problem: StallProblem): StallPoint[] =>
	finish(stallPointsSteps(problem));

function stallAt(problem: StallProblem, level: number): StallPoint {
	const { start, application, factors, conditionAfter, aimedLevel } = problem;
	const fibre = lightenFibre(start, doseToLevel(start, level));
	const lab = labOfFibre(fibre);
	const [again] = furtherApplications(fibre, application, factors, conditionAfter, 1);
	const bears = again && again.condition >= (problem.minCondition ?? PLAN.minCondition);
	const dose = doseToLevel(fibre, aimedLevel);
	const exact = minutesForDose(application, factors, dose);
	const backupLevel = level - STALL.backupDeeper;
	const target = targetLab(
		{ level: backupLevel, direction: 'neutral', keepWarmth: STALL.backupWarmth },
		lab
	);
	const backup = solveTone({
		raw: { pigment: fibre, dye: dyesOf(fibre) },
		target,
		shelf: problem.shelf,
		conditions: { ...problem.conditions, condition: conditionAfter },
		totalGrams: problem.totalGrams,
		most: 2,
		maxShades: 2
	});
	return {
		level,
		undertone: undertoneOf(lab),
		again: bears
			? {
					...again,
					minutesToAim:
						exact !== undefined && exact <= application.minutes ? Math.ceil(exact) : undefined
				}
			: undefined,
		stopped: bears ? undefined : again ? 'condition' : 'spent',
		backup,
		backupLevel
	};
}

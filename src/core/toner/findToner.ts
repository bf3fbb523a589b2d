import { levelOf } from '../colour';
import type { Fibre } from '../lift';
import { finish, type Steps } from '../steps';
import { rawLab } from '../tone';
import type { ToneProblem } from './search';
import { solveToneSteps, type ToneFormula } from './solve';
import { neededLevelSteps } from './neededLevel';

/** A search for a toner, and what to lift to where there is none. */
export interface TonerQuestion {
	readonly problem: ToneProblem;
	/** The pigmented hair the toner would go on: where more lift would start from. */
	readonly fibre: Fibre;
}

export interface TonerAnswer {
	/** Best first. */
	readonly formulas: readonly ToneFormula[];
	/** Lift that would bring the aim within reach, where nothing on the shelf comes close. */
	readonly needLevel: number | undefined;
}

/** Hair this much lighter than the aim has nothing to gain from more lift, levels. */
const LIGHTER = 1;

/** Formulas for this hair; where none comes close, the level of lift that would bring one close. */
export function* findTonerSteps({ problem, fibre }: TonerQuestion): Steps<TonerAnswer> {
	const formulas = yield* solveToneSteps(problem);
	const close = formulas.some((formula) => formula.close);
	const lighter = levelOf(rawLab(problem.raw)) > levelOf(problem.target) + LIGHTER;
	return {
		formulas,
		needLevel: close || lighter ? undefined : yield* neededLevelSteps(problem, fibre)
	};
}

/** {@link findTonerSteps} without a pause. */
export const findToner = (question: TonerQuestion): TonerAnswer => finish(findTonerSteps(question));

import { levelOf } from '../colour';
import { labOfPigment, type Warmth } from '../hair';
import { pigmentOnPath, type Fibre } from '../lift';
import { finish, type Steps } from '../steps';
import { rawLab } from '../tone';
import type { ToneProblem } from './search';
import { keepsLevelSteps, solveToneSteps, type ToneFormula } from './solve';
import { fillerFor, type FillerAdvice } from './filler';
import { neededLevelSteps } from './neededLevel';
import { ALREADY_THERE, TWO_STEP } from './constants';
import { solveTwoStepSteps, type TwoStepTone } from './twoStep';

/** A search for a toner, and what to lift to where there is none. */
export interface TonerQuestion {
	readonly problem: ToneProblem;
	/** The pigmented hair the toner would go on: where more lift would start from. */
	readonly fibre: Fibre;
	/** Where warm colour may have to go on first: the level aimed at, and the path this hair lifts on. */
	readonly goingDown?:
		| { readonly level: number; readonly naturalLevel: number; readonly warmth: Warmth }
		| undefined;
	/** Whether one that keeps the level of the hair is to be among them. */
	readonly keepsLevel?: boolean | undefined;
	/** Whether two toners, one after the other, may be proposed. */
	readonly inTwoSteps?: boolean | undefined;
}

export interface TonerAnswer {
	/** Best first. */
	readonly formulas: readonly ToneFormula[];
	/** Lift that would bring the aim within reach, where nothing on the shelf comes close. */
	readonly needLevel: number | undefined;
	/** Warm colour that has to go on first; left out where it was not asked for. */
	readonly filler?: FillerAdvice | undefined;
	/** Two toners, where very light hair comes nearer by them than by one. */
	readonly twoStep?: TwoStepTone | undefined;
}

/** Hair this much lighter than the aim has nothing to gain from more lift, levels. */
const LIGHTER = 1;

/** Formulas for this hair; where none comes close, the level of lift that would bring one close. */
export function* findTonerSteps(question: TonerQuestion): Steps<TonerAnswer> {
	const { problem, fibre, goingDown } = question;
	const nearest = yield* solveToneSteps(problem);
	const kept = question.keepsLevel ? yield* withKeptLevel(problem, nearest) : nearest;
	const formulas = yield* withOpenTubes(problem, kept);
	const close = formulas.some((formula) => formula.close);
	const lighter = levelOf(rawLab(problem.raw)) > levelOf(problem.target) + LIGHTER;
	const twoStep = question.inTwoSteps ? yield* nearerByTwo(problem, formulas) : undefined;
	return {
		formulas,
		...(twoStep ? { twoStep } : {}),
		...(goingDown ? { filler: fillerOn(problem, goingDown) } : {}),
		needLevel: close || lighter ? undefined : yield* neededLevelSteps(problem, fibre)
	};
}

/** A kept level is worth telling of where it takes this much of the warmth, percent. */
const LEAST_TAKEN = 10;

/** Among the formulas always one that takes the warmth and keeps the level, where the shelf has one. */
function* withKeptLevel(
	problem: ToneProblem,
	formulas: readonly ToneFormula[]
): Steps<ToneFormula[]> {
	// Hair that has to be lifted further has it already.
	if (formulas.length === 0 || formulas.some(({ untilLifted }) => untilLifted))
		return [...formulas];
	const kept = yield* keepsLevelSteps(problem);
	if (kept?.why.kind !== 'dyes' || kept.why.warmthTaken < LEAST_TAKEN) return [...formulas];
	return marked(formulas, kept, { keepsLevel: true });
}

/** Among them always the best that takes nothing but open tubes, where some are open and some are not. */
function* withOpenTubes(
	problem: ToneProblem,
	formulas: readonly ToneFormula[]
): Steps<readonly ToneFormula[]> {
	const open = problem.shelf.filter((shade) => shade.open);
	if (open.length === 0 || open.length === problem.shelf.length) return formulas;
	const [best] = yield* solveToneSteps({ ...problem, shelf: open, most: 1 });
	if (!best || best.parts.length === 0) return formulas;
	return marked(formulas, best, { fromOpen: true });
}

/** Some formulas with one among them marked; it is added where it is not one of them yet. */
function marked(
	formulas: readonly ToneFormula[],
	which: ToneFormula,
	mark: Pick<ToneFormula, 'keepsLevel' | 'fromOpen'>
): ToneFormula[] {
	const isIt = (one: ToneFormula) =>
		one.shadeIds.join() === which.shadeIds.join() &&
		one.parts.length === which.parts.length &&
		one.parts.every(({ grams }, i) => grams === which.parts[i]?.grams);
	return formulas.some(isIt)
		? formulas.map((one) => (isIt(one) ? { ...one, ...mark } : one))
		: [...formulas, { ...which, ...mark }];
}

/** Two toners where they come nearer than one, on hair that is light enough for them. */
function* nearerByTwo(
	problem: ToneProblem,
	one: readonly ToneFormula[]
): Steps<TwoStepTone | undefined> {
	if (levelOf(rawLab(problem.raw)) < TWO_STEP.fromLevel) return undefined;
	const nearest = Math.min(...one.map(({ deltaE }) => deltaE));
	if (nearest <= ALREADY_THERE) return undefined;
	const two = yield* solveTwoStepSteps(problem);
	return two && two.deltaE <= nearest - TWO_STEP.worthwhile ? two : undefined;
}

/** The filler before going down to a level, on this hair's own path. */
const fillerOn = (
	problem: ToneProblem,
	{ level, naturalLevel, warmth }: NonNullable<TonerQuestion['goingDown']>
): FillerAdvice =>
	fillerFor(
		problem.raw,
		level,
		(at) => labOfPigment(pigmentOnPath(naturalLevel, warmth, at)),
		problem
	);

/** {@link findTonerSteps} without a pause. */
export const findToner = (question: TonerQuestion): TonerAnswer => finish(findTonerSteps(question));

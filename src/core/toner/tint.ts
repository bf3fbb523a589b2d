import type { Lab } from '../colour';
import {
	dyesOf,
	predictLift,
	type Application,
	type Fibre,
	type HeadFactors,
	type LiftResult
} from '../lift';
import type { Steps } from '../steps';
import { rawLab, targetLab, type Direction, type RawHair, type Vehicle } from '../tone';
import type { ShelfShade } from './search';
import { solveToneSteps, type ToneFormula } from './solve';

/** Hair a tint goes on. */
interface TintStart {
	readonly fibre: Fibre;
	readonly white?: Fibre | undefined;
	readonly condition?: number | undefined;
	readonly whiteShare?: number | undefined;
}

/** A tint that lifts, asked what to mix so that it holds the warmth it exposes. */
export interface TintProblem {
	readonly start: TintStart;
	/** High-lift or permanent colour, with its minutes. */
	readonly application: Application & { readonly product: 'highLift' | 'permanent' };
	readonly factors: HeadFactors;
	/** Level wanted; what it lifts to, where that is deeper or none is. */
	readonly level?: number | undefined;
	readonly direction: Direction;
	/** Share of the exposed warmth that may stay, 0-1. */
	readonly keepWarmth: number;
	readonly shelf: readonly ShelfShade[];
	/** Grams of colour, developer not counted. */
	readonly totalGrams: number;
}

export interface TintAnswer {
	/** What the tint would lift to if it laid nothing down. */
	readonly lifted: LiftResult;
	readonly target: Lab;
	readonly formulas: readonly ToneFormula[];
}

/**
 * The same search as for a toner, on hair that the tint itself lifts: the shades of its line, with a
 * concentrate, that hold the exposed warmth down best at the level it reaches.
 */
export function* solveTintSteps(problem: TintProblem): Steps<TintAnswer> {
	const { start, application, factors } = problem;
	const [lifted] = predictLift(
		start.fibre,
		[{ ...application, formula: undefined }],
		factors,
		start.condition,
		start.whiteShare,
		start.white
	) as [LiftResult];
	const raw: RawHair = {
		pigment: lifted.fibre,
		dye: dyesOf(lifted.fibre),
		dyeOnWhite: dyesOf(lifted.white),
		whiteShare: start.whiteShare
	};
	const { direction, keepWarmth } = problem;
	const level = Math.min(lifted.level, problem.level ?? Infinity);
	const target = targetLab({ level, direction, keepWarmth }, rawLab(raw));
	const vehicle: Vehicle = application.product;
	const formulas = yield* solveToneSteps({
		raw,
		target,
		shelf: problem.shelf,
		conditions: {
			vehicle,
			ratio: application.ratio,
			minutes: application.minutes,
			texture: factors.texture,
			naturalRed: factors.warmth === 'red',
			condition: lifted.condition,
			porosity: application.porosity,
			developerVolume: application.volume
		},
		totalGrams: problem.totalGrams
	});
	return { lifted, target, formulas };
}

import { deltaE, type Lab } from '../colour';
import { fadeByWeek, isClear, type DepositConditions, type RawHair, type WashHabit } from '../tone';
import type { ToneFormula } from './solve';

/** What a formula is the best at, among those that were found. */
export type FormulaKind = 'truestNow' | 'truestLater' | 'fewestTubes' | 'keepsLevel' | 'openTubes';

/** Toners are looked at again after so many weeks. */
const LATER_WEEKS = 2;

/** Nearer by less than this is no nearer, ΔE. */
const NEARER = 0.3;

const tubesOf = ({ parts }: ToneFormula): number => parts.filter((part) => !isClear(part)).length;

/**
 * What each of some formulas is the best at, in their order: nearest to the aim now, or two weeks on at this client's
 * washes, with fewer tubes than the others, or keeping the depth that the hair has. What all do alike none is best at.
 */
export function kindsOf(
	formulas: readonly ToneFormula[],
	raw: RawHair,
	conditions: DepositConditions,
	target: Lab,
	habit: WashHabit
): FormulaKind[][] {
	const toners = formulas.filter(({ parts }) => parts.length > 0);
	const later = new Map(
		toners.map((one) => {
			const week = fadeByWeek(raw, one.parts, conditions, habit, LATER_WEEKS).at(-1)!;
			return [one, deltaE(week.lab, target)] as const;
		})
	);
	const bestBy = (of: (one: ToneFormula) => number, least: number): ToneFormula | undefined => {
		const [first, second] = toners.toSorted((p, q) => of(p) - of(q));
		return first && second && of(second) - of(first) >= least ? first : undefined;
	};
	const now = bestBy(({ deltaE: distance }) => distance, NEARER);
	const then = bestBy((one) => later.get(one)!, NEARER);
	const fewest = bestBy(tubesOf, 1);
	return formulas.map((one) => [
		...(one === now ? (['truestNow'] as const) : []),
		...(one === then && then !== now ? (['truestLater'] as const) : []),
		...(one === fewest ? (['fewestTubes'] as const) : []),
		...(one.keepsLevel ? (['keepsLevel'] as const) : []),
		...(one.fromOpen ? (['openTubes'] as const) : [])
	]);
}

import type { Lab } from '../colour';
import { MELT } from './constants';
import type { DepositConditions, RawHair } from '../tone';
import type { ShelfShade } from './search';
import { solveTone, type ToneFormula } from './solve';

/** A part of the head with its own start and its own aim: root, melt, lengths, dropouts. */
export interface ToneZone {
	readonly name: string;
	readonly raw: RawHair;
	readonly target: Lab;
	readonly conditions: DepositConditions;
	readonly totalGrams: number;
}

/** What a zone is toned with. */
export interface ZoneFormula {
	readonly zone: ToneZone;
	/** Best first; empty when the shelf has nothing of the vehicle. */
	readonly formulas: readonly ToneFormula[];
}

/**
 * A formula for every zone, each from its own start: dropouts with red in them ask for green.
 * @planned
 */
export const solveZones = (
	zones: readonly ToneZone[],
	shelf: readonly ShelfShade[]
): ZoneFormula[] =>
	zones.map((zone) => ({ zone, formulas: solveTone({ ...zone, shelf, most: 3 }) }));

/**
 * Colours between root and lengths for a melt, evenly spaced in Lab.
 * @param between how many toners run between the two, 1-3
 * @planned
 */
export function meltTargets(root: Lab, lengths: Lab, between: number = MELT.between): Lab[] {
	return Array.from({ length: between }, (_, i) => {
		const t = (i + 1) / (between + 1);
		return {
			l: root.l + t * (lengths.l - root.l),
			a: root.a + t * (lengths.a - root.a),
			b: root.b + t * (lengths.b - root.b)
		};
	});
}

import type { Pigment } from '../hair';
import { addDyes, scaleDyes, type DyeAmounts } from './dyes';
import { depositShares, type DepositConditions } from './deposit';
import { baseGrip, tubeDyes, type Shade } from './tube';

/** One part of a formula: a shade or clear, with its grams. */
export type FormulaPart = (Shade & { readonly grams: number }) | ClearPart;

/** Clear: dilutes, adds nothing. */
export interface ClearPart {
	readonly clear: true;
	readonly grams: number;
}

export const isClear = (part: FormulaPart): part is ClearPart => 'clear' in part;

/** Total grams of colour in a formula, developer not counted. */
export const formulaGrams = (parts: readonly FormulaPart[]): number =>
	parts.reduce((sum, part) => sum + part.grams, 0);

/**
 * The dye that a formula leaves on one population of fibres: the weight mean of its tubes, each as it
 * takes on this hair.
 * @returns nothing for a formula without weight
 */
export function depositOf(
	parts: readonly FormulaPart[],
	onto: Pigment,
	conditions: DepositConditions
): DyeAmounts {
	const total = formulaGrams(parts);
	if (total <= 0) return {};
	let dyes: DyeAmounts = {};
	for (const part of parts) {
		if (isClear(part)) continue;
		dyes = addDyes(dyes, depositOfShade(part, onto, conditions), part.grams / total);
	}
	return dyes;
}

/**
 * What one shade alone leaves: tones and brown base each by their share, the base held off by pigment.
 * @param unlightened eumelanin that keeps the dye out; 0 for a remembered layer, whose hair was opened then
 */
export function depositOfShade(
	shade: Shade,
	onto: Pigment,
	conditions: DepositConditions,
	unlightened = onto.eumelanin
): DyeAmounts {
	const { tone, brown } = depositShares(conditions, unlightened);
	const tube = tubeDyes(shade, conditions.vehicle);
	return {
		...scaleDyes(tube, tone),
		brown: (tube.brown ?? 0) * baseGrip(onto, shade.level) * brown
	};
}

/**
 * The trade's name for a blend: the weight mean of its levels (clear left out). The colour comes from
 * absorbance and is usually deeper, because the darker part dominates.
 */
export function tradeLevel(parts: readonly FormulaPart[]): number | undefined {
	let grams = 0;
	let sum = 0;
	for (const part of parts) {
		if (isClear(part)) continue;
		grams += part.grams;
		sum += part.grams * part.level;
	}
	return grams > 0 ? sum / grams : undefined;
}

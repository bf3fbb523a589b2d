import type { Pigment } from '../hair';
import { addDyes, type DyeAmounts } from './dyes';
import { depositShare, type DepositConditions } from './deposit';
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
 * The dye that a formula leaves on one population of fibres: the weight mean of its tubes, the brown
 * base reduced by the pigment already there, times the deposit share.
 * @returns nothing for a formula without weight
 */
export function depositOf(
	parts: readonly FormulaPart[],
	onto: Pigment,
	conditions: DepositConditions
): DyeAmounts {
	const total = formulaGrams(parts);
	if (total <= 0) return {};
	const share = depositShare(conditions);
	let dyes: DyeAmounts = {};
	for (const part of parts) {
		if (isClear(part)) continue;
		dyes = addDyes(dyes, gripped(part, onto, conditions.vehicle), (part.grams / total) * share);
	}
	return dyes;
}

/** A tube's dyes as they take on this pigment: only the brown base is held off. */
export function gripped(
	shade: Shade,
	onto: Pigment,
	vehicle: DepositConditions['vehicle']
): DyeAmounts {
	const tube = tubeDyes(shade, vehicle);
	return { ...tube, brown: (tube.brown ?? 0) * baseGrip(onto, shade.level) };
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

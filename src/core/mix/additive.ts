import type { ADDITIVE_UNITS } from '../vocabulary';
import { toStep } from './weigh';

/** How a salon doses its additive: outside the ratio, by the lightener it protects from. */
export interface AdditiveRule {
	readonly name: string;
	readonly amount: number;
	readonly unit: (typeof ADDITIVE_UNITS)[number];
	/** So many grams of lightener take one amount. */
	readonly perGrams: number;
}

/** What can be measured: half a millilitre in a syringe, whole drops; grams by the scale. */
const STEPS = { drops: 1, ml: 0.5 } as const;

/**
 * Additive of one bowl, in the rule's own unit, at least one step of it.
 * @param step finest step of the scale, g
 */
export function additiveDose(
	{ amount, unit, perGrams }: AdditiveRule,
	lightenerGrams: number,
	step = 1
): number {
	const finest = unit === 'g' ? step : STEPS[unit];
	return Math.max(finest, toStep((amount * lightenerGrams) / perGrams, finest));
}

/**
 * Grams as a scale shows them.
 * @param step finest step of the scale, g
 */
export const toStep = (grams: number, step: number, round = Math.round): number =>
	Number((round(grams / step - (round === Math.ceil ? 1e-9 : 0)) * step).toFixed(2));

/**
 * Both parts of a mixture as a scale can weigh them; the lightener is rounded up so that no bowl is
 * stinted.
 * @param grams ready mixture wanted, > 0
 * @param ratio parts of developer per part of lightener, > 0
 * @param step finest step of the scale, g
 */
export function splitByRatio(
	grams: number,
	ratio: number,
	step = 1
): { lightenerGrams: number; developerGrams: number } {
	const lightenerGrams = Math.max(step, toStep(grams / (1 + ratio), step, Math.ceil));
	return { lightenerGrams, developerGrams: Math.max(step, toStep(lightenerGrams * ratio, step)) };
}

/**
 * A weight shared out by parts, each to the scale's step; the largest takes what rounding leaves.
 * @param parts ≥ 0, not all 0
 * @param step finest step of the scale, g
 * @returns grams in the order of the parts, which add up to the weight
 */
export function shareOut(grams: number, parts: readonly number[], step: number): number[] {
	const whole = parts.reduce((sum, part) => sum + part, 0);
	const shares = parts.map((part) => toStep((grams * part) / whole, step));
	const largest = parts.indexOf(Math.max(...parts));
	const rest = shares.reduce((sum, share, i) => (i === largest ? sum : sum + share), 0);
	return shares.map((share, i) => (i === largest ? toStep(grams - rest, step / 10) : share));
}

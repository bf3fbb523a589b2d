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

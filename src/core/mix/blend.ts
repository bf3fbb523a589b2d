import { toStep } from './weigh';

/** Two stocked developers weighed together. */
export interface Blend {
	readonly volume: number;
	readonly parts: readonly { readonly volume: number; readonly grams: number }[];
}

/**
 * Blends stocked developers to a strength by weight (Pearson square): of the neighbours below and
 * above, the stronger takes the share `(v - low)/(high - low)`. A stocked strength is used alone.
 * @param volume wanted strength, in volumes
 * @param grams total, in whole steps of the scale
 * @param stock strengths at hand, in volumes
 * @param step finest step of the scale, g
 * @returns undefined when the stock cannot reach the strength
 */
export function blendDeveloper(
	volume: number,
	grams: number,
	stock: readonly number[],
	step = 1
): Blend | undefined {
	if (stock.includes(volume)) return { volume, parts: [{ volume, grams }] };
	const below = Math.max(...stock.filter((v) => v < volume));
	const above = Math.min(...stock.filter((v) => v > volume));
	if (!Number.isFinite(below) || !Number.isFinite(above)) return undefined;
	const stronger = toStep((grams * (volume - below)) / (above - below), step);
	const parts = [
		{ volume: below, grams: toStep(grams - stronger, step / 10) },
		{ volume: above, grams: stronger }
	].filter((part) => part.grams > 0);
	return { volume: blendStrength(parts), parts };
}

/** Strength of developers weighed together, in volumes; 0 without weight. */
export function blendStrength(
	parts: readonly { readonly volume: number; readonly grams: number }[]
): number {
	const grams = parts.reduce((sum, part) => sum + part.grams, 0);
	if (grams <= 0) return 0;
	return parts.reduce((sum, part) => sum + part.volume * part.grams, 0) / grams;
}

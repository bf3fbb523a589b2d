import { DENSITY_GRAMS, TEXTURE_GRAMS, TONER_GRAMS } from './constants';
import type { Density } from './grams';

/** The hair that a toner goes on. */
export interface TonedHair {
	readonly density: Density;
	/** Medium unless said. */
	readonly texture?: keyof typeof TEXTURE_GRAMS | undefined;
	/** Centimetres of each strand, ≥ 0. */
	readonly coveredCm: number;
	/** Whether it begins at the scalp, which takes some. */
	readonly atScalp: boolean;
	/** Share of the hair of the head, 0-1. */
	readonly share: number;
}

/**
 * Grams of colour for a toner, developer not counted: enough to wet hair that is damp already; never less than can
 * be mixed well.
 * @param ratio parts of developer to one of colour, ≥ 0
 * @returns whole grams
 */
export function tonerGrams(hair: TonedHair, ratio: number): number {
	const { density, texture = 'medium', coveredCm, atScalp, share } = hair;
	const mixture =
		((atScalp ? TONER_GRAMS.scalp : 0) + TONER_GRAMS.perCm * coveredCm) *
		DENSITY_GRAMS[density] *
		TEXTURE_GRAMS[texture] *
		share;
	return Math.max(TONER_GRAMS.least, Math.round(mixture / (1 + ratio)));
}

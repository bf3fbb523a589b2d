import { blendDeveloper, type Blend } from './blend';
import { BOWL_LIFE_MINUTES, RESERVE } from './constants';
import { splitByRatio } from './weigh';

/** One bowl, in steps of the scale. */
export interface Bowl {
	readonly number: number;
	readonly volume: number;
	readonly ratio: number;
	readonly lightenerGrams: number;
	readonly developerGrams: number;
	/** The developer out of stock, or nothing when the stock cannot make the strength. */
	readonly blend: Blend | undefined;
	/** Minutes after the first brush stroke at which this bowl is mixed. */
	readonly mixAtMinute: number;
}

export interface BowlPlan {
	readonly bowls: readonly Bowl[];
	readonly totalGrams: number;
	readonly reserveGrams: number;
	readonly workMinutes: number;
}

/** What is to be put on, with what it is mixed from. */
export interface MixtureNeed {
	/** Ready mixture, g, without reserve. */
	readonly grams: number;
	/** Minutes to put it on. */
	readonly minutes: number;
	/** Parts of developer per part of lightener, > 0. */
	readonly ratio: number;
	/** Developer strength wanted, volumes. */
	readonly volume: number;
	/** Developer strengths at hand. */
	readonly stock: readonly number[];
	/** Finest step of the scale, g. */
	readonly step?: number | undefined;
}

/**
 * Splits a mixture of one strength into bowls, each used up while it is fresh (20 min), with equal grams,
 * and a reserve of a tenth of all in the last.
 */
export function planBowls({ grams, minutes, ratio, volume, stock, step }: MixtureNeed): BowlPlan {
	const count = Math.max(1, Math.ceil(minutes / BOWL_LIFE_MINUTES));
	const bowls = Array.from({ length: count }, (_, i): Bowl => {
		const { lightenerGrams, developerGrams } = splitByRatio(
			grams / count + (i === count - 1 ? RESERVE * grams : 0),
			ratio,
			step
		);
		return {
			number: i + 1,
			volume,
			ratio,
			lightenerGrams,
			developerGrams,
			blend: blendDeveloper(volume, developerGrams, stock, step),
			mixAtMinute: Math.round((minutes * i) / count)
		};
	});
	return totalOf(bowls, minutes);
}

/** Bowls with their sums; the reserve is a share of them all. */
export function totalOf(bowls: readonly Bowl[], minutes: number): BowlPlan {
	const totalGrams = Math.round(
		bowls.reduce((sum, bowl) => sum + bowl.lightenerGrams + bowl.developerGrams, 0)
	);
	return {
		bowls,
		totalGrams,
		reserveGrams: Math.round(totalGrams - totalGrams / (1 + RESERVE)),
		workMinutes: Math.round(minutes)
	};
}

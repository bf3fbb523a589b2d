/** Something on the shelf as it was last counted. */
export interface Counted {
	/** Grams that stood there then. */
	readonly grams: number;
	/** Grams in one tub, bottle or tube. */
	readonly packGrams: number;
	/** Fewer than this and it is bought again, g; nothing where nobody minds. */
	readonly leastGrams?: number | undefined;
}

/** What is left of something, and what is to be bought. */
export interface StockLeft {
	/** Grams, ≥ 0. */
	readonly grams: number;
	/** More was weighed than was counted: it is to be counted again. */
	readonly miscounted: boolean;
	/** Packs to buy, so that twice the least stands there again; 0 while there is enough. */
	readonly packs: number;
	/** Weeks that it lasts at what was used of late; nothing where nothing was. */
	readonly weeks: number | undefined;
}

/** An eye and a scale differ by this share of what was counted before anybody is asked to count again. */
const COUNTS_TO = 0.05;

/**
 * What is left of something that was counted, by what was weighed since.
 * @param usedGrams since it was counted
 * @param perWeek grams used a week of late
 */
export function stockLeft(counted: Counted, usedGrams: number, perWeek: number): StockLeft {
	const { packGrams, leastGrams = 0 } = counted;
	const left = counted.grams - usedGrams;
	const grams = Math.max(0, left);
	const missing = grams < leastGrams ? 2 * leastGrams - grams : 0;
	return {
		grams,
		miscounted: left < -COUNTS_TO * Math.max(packGrams, counted.grams),
		packs: Math.ceil(missing / packGrams),
		weeks: perWeek > 0 ? grams / perWeek : undefined
	};
}

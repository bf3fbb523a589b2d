import type { AreaName } from '../lift';
/** Developer strengths that salons stock, in volumes. */
export const USUAL_STOCK: readonly number[] = [5, 10, 20, 30, 40];

/** Names colourists use for how a ratio feels, by the largest ratio each still fits. */
export const CONSISTENCY = [
	{ upTo: 1.2, name: 'stiff' },
	{ upTo: 1.75, name: 'thick cream' },
	{ upTo: 2.25, name: 'creamy' },
	{ upTo: 3, name: 'runny' },
	{ upTo: Infinity, name: 'thin' }
] as const;

/**
 * Grams of ready mixture. A foil over 30 cm of hair of medium density takes about 7 g to saturate
 * (15 foils from 105 g, a usual bowl of 35 + 70); the amount follows the length a little less than
 * in proportion, because a foil narrows towards the tips.
 */
export const FOIL_GRAMS = { at30cm: 7, lengthPower: 0.8 } as const;

/** Open work: 60 g covers the scalp area itself, then 4 g for each cm of length drawn through. */
export const OPEN_GRAMS = { scalp: 60, perCm: 4 } as const;

/** More hair takes more mixture. */
export const DENSITY_GRAMS = { low: 0.8, medium: 1, high: 1.3 } as const;

/** Thicker sections hold more hair in each foil. */
export const SECTION_GRAMS = { seeThrough: 1, medium: 1.35, thick: 1.8 } as const;

/** Reserve mixed on top, so that the last section is not stinted. */
export const RESERVE = 0.1;

/** No bowl stays in use longer than this (min): it loses strength from the moment it is mixed. */
export const BOWL_LIFE_MINUTES = 20;

/** Minutes to place one foil, or to paint a whole head of open work per cm covered. */
export const WORK_MINUTES = { foil: 0.9, openBase: 12, openPerCm: 0.6 } as const;

/** Gram to ounce (avoirdupois), exact. */
export const GRAMS_PER_OUNCE = 28.349523125;

/** How bowls are staged. */
export const STAGING = {
	/** Bowls differ by steps that a scale can make, volumes. */
	step: 2.5,
	/** No bowl is weaker: slower than anyone would wait for. */
	leastVolume: 10,
	mostBowls: 5,
	/** What one more bowl must be worth, levels. */
	perBowl: 0.05,
	/** Fineness of the search over the lowest level, levels: finer than eyes tell. */
	floorStep: 0.04,
	/** Within this the head looks even, and close enough to the aim. */
	evenEnough: 0.6,
	nearEnough: 0.25,
	/** A lever that helps less is not worth saying, levels. */
	worthAdvising: 0.1,
	draws: 128
} as const;

/** Times of what is done beside applying, minutes: a bowl weighed, a round of checks, a rinse. */
export const CLOCK = {
	mixMinutes: 2,
	checkMinutes: 2,
	/** Checks come every five to ten minutes. */
	checkEvery: 8,
	rinseMinutes: 10,
	toneApplyMinutes: 8,
	finishMinutes: 35,
	consultMinutes: 15,
	leastGap: 5
} as const;

/** Share of a head's hair that grows in each area (reasoned from the scalp each covers). */
export const AREA_SHARE: Readonly<Record<AreaName, number>> = {
	nape: 0.12,
	back: 0.2,
	crown: 0.16,
	top: 0.18,
	leftSide: 0.12,
	rightSide: 0.12,
	fringe: 0.06,
	hairline: 0.04
};

/** Layers make more and shorter sections: minutes beside a cut of one length (reasoned). */
export const LAYERS_WORK = { none: 1, some: 1.1, many: 1.2 } as const;

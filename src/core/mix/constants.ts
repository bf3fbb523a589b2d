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
 * Grams of ready mixture. A woven see-through foil over 30 cm of medium hair takes 3.3 g, which is 1.1 g of
 * powder at 1 : 2; the amount follows the painted length a little less than in proportion, because a foil
 * narrows towards the tips.
 */
export const FOIL_GRAMS = { at30cm: 3.3, lengthPower: 0.8 } as const;

/**
 * Open work: 105 g covers the scalp area itself, then 4 g for each cm of length drawn through. A retouch of
 * two centimetres by brush takes 100-150 g mixed.
 */
export const OPEN_GRAMS = { scalp: 105, perCm: 4 } as const;

/**
 * A retouch by brush, from partings over about 620 cm² of scalp, one stroke on each face: its partings lie so
 * far apart; it takes so many grams a cm² of scalp, and so many minutes a cm of parting. Two centimetres of
 * medium hair come to 124 g and 41 minutes in see-through partings (reasoned; schools: 100-150 g, 30-45 min).
 */
export const RETOUCH = {
	scalpCm2: 620,
	spacingCm: { seeThrough: 0.6, medium: 1, thick: 1.4 },
	grams: { perCm2: 0.1, perCm3: 0.05 },
	minutesPerCm: 0.04
} as const;

/** More hair takes more mixture. */
export const DENSITY_GRAMS = { low: 0.8, medium: 1, high: 1.3 } as const;

/** Fine hair takes less to saturate, coarse hair more. */
export const TEXTURE_GRAMS = { fine: 0.75, medium: 1, coarse: 1.15 } as const;

/** Thicker sections hold more hair in each foil: a medium one takes 1.3-2.3 g of powder. */
export const SECTION_GRAMS = { seeThrough: 1, medium: 1.7, thick: 2.4 } as const;

/**
 * How hair is picked up: grams and minutes of each beside a weave and a slice. A slice takes all the hair of
 * a thin sheet and needs no stitching; babylights are many very fine stitches; a teased section is combed
 * back first (reasoned).
 */
export const PICKINGS = {
	slice: { grams: 1.15, minutes: 1 },
	weave: { grams: 1, minutes: 1.15 },
	babylight: { grams: 0.6, minutes: 1.3 },
	teased: { grams: 0.9, minutes: 1.15 }
} as const;

/**
 * Reserve mixed on top, a share of what the head takes, in the last bowl: what an earlier one has left over
 * is too old for the next.
 */
export const RESERVE = 0.1;

/**
 * Minutes to place one foil of a slice, by section: a see-through one 1.3, woven or teased 1.5; and to paint
 * a whole head of open work per cm covered.
 */
export const WORK_MINUTES = {
	foil: { seeThrough: 1.3, medium: 1.1, thick: 0.95 },
	openBase: 12,
	openPerCm: 0.6
} as const;

/** No bowl stays in use longer than this (min): it loses strength from the moment it is mixed. */
export const BOWL_LIFE_MINUTES = 20;

/** Gram to ounce (avoirdupois), exact. */
export const GRAMS_PER_OUNCE = 28.349523125;

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

/**
 * How exact a weighing has to be: a gram or two in 30 g of developer does not matter, guessing does.
 * Never finer than the scale's own step.
 */
export const WEIGHING = { tolerance: 0.05, nearShare: 0.85 } as const;

/**
 * Ready toner for the scalp and for each centimetre of all the hair, grams: thinner than lightener and worked
 * through, so that a medium head of 30 cm takes some 80 g (reasoned: 30 g of colour at 1:1.5). Less colour than
 * this cannot be weighed well in parts.
 */
export const TONER_GRAMS = { scalp: 25, perCm: 1.8, least: 10 } as const;

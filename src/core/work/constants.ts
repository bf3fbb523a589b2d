import type { HAND_PACE_NAMES } from '../vocabulary';
import type { AreaName } from '../lift';

/** How bowls are staged. */
export const STAGING = {
	/** Bowls differ by steps that a scale can make, volumes. */
	step: 2.5,
	/** No bowl is weaker: slower than anyone would wait for. */
	leastVolume: 10,
	/** A lower start, where it is asked for. */
	lowStart: 5,
	/** Different strengths on one head: more, and they are mixed up. */
	mostStrengths: 5,
	/** Bowls beyond those that the length of the work alone asks for. */
	spareBowls: 4,
	/** What one more bowl must be worth, levels: nobody mixes one for what no eye can tell. */
	perBowl: 0.08,
	/** A bowl of less than this (g, mixed) is hard to weigh right, and must be worth that much more. */
	smallBowl: { grams: 15, costs: 0.12 },
	/** Half a level apart shows as a stripe: what lies past it counts this many times over again. */
	stripe: { from: 0.5, times: 2 },
	/** What it costs to have the whole head a level past its aim: wear for nothing. */
	perLevelPast: 0.5,
	/** Fineness of the search over the lowest level, levels: finer than eyes tell. */
	floorStep: 0.04,
	/** Within this the head looks even, and close enough to the aim. */
	evenEnough: 0.6,
	nearEnough: 0.25,
	/** A lever that helps less is not worth saying, levels. */
	worthAdvising: 0.1,
	/** A creamier or runnier mix differs by this much, parts of developer. */
	ratioStep: 0.5,
	draws: 128
} as const;

/** Times of what is done beside applying, minutes. */
export const SERVICE_MINUTES = {
	consult: 15,
	/** A bowl weighed. */
	mix: 2,
	/** A round of checks; they come every five to ten minutes. */
	check: 2,
	checkEvery: 8,
	/** One packet opened and wiped off, with an acid stop. */
	wipe: 2,
	/** Lightener rinsed lukewarm and shampooed, usually twice. */
	rinse: 15,
	/** One of several rinses takes no less. */
	leastRinse: 5,
	toneRinse: 5,
	/** Dried and shown, and for long hair so much more a centimetre past 25. */
	finish: 35,
	finishPerCm: 0.5,
	finishCmFrom: 25,
	/** Teased sections are combed out first. */
	combOut: 10,
	/** What is on last lies at least this long, or it was not worth putting on. */
	leastLast: 5,
	/** Gaps shorter than this are not free time. */
	leastGap: 5
} as const;

/**
 * How the minutes of one rinse are spent: what runs out under lukewarm water, then the washes (reasoned: together
 * they are the minutes that a rinse is planned with).
 */
export const RINSE_STEP_MINUTES = { water: 5, chelate: 4, shampoo: 3, shampooAgain: 3 } as const;

/** What taps at the chair stand for, minutes: so much more, and when what was coated anew is looked at or comes off. */
export const TAPPED = { longerMinutes: 5, recoatMinutes: 20 } as const;

/** How a look at the chair is taken. */
export const CHECK = {
	/** Looks that are closer than this are one, minutes. */
	near: 2,
	/** What was due and not done for so many minutes asks again, louder. */
	againMinutes: 5,
	/** What should be on for so many minutes and was not tapped: the tap was forgotten, minutes. */
	forgottenMinutes: 5
} as const;

/** Work that takes longer than this is rinsed back first, unless somebody says otherwise, minutes. */
export const BACK_FIRST_FROM = 25;

/** Minutes to work a toner through: so much, and more for each cm and for dense hair. */
export const TONER_WORK = { base: 4, perCm: 0.1 } as const;

/** A section that takes longer than this is proposed as two, minutes. */
export const SECTION_MINUTES = 7;

/** Areas from the nape up, as most heads are worked. */
export const NAPE_UP: readonly AreaName[] = [
	'nape',
	'back',
	'crown',
	'leftSide',
	'rightSide',
	'top',
	'fringe',
	'hairline'
];

/**
 * Foils of a full head of medium hair in medium sections, all of it light; even a few ribbons take about a
 * third of them; more for dense hair, for see-through sections and for the finest stitches (reasoned from
 * counts of 20 to 60 in medium sections on usual heads).
 */
export const USUAL_FOILS = {
	head: 56,
	least: 0.3,
	density: { low: 0.85, medium: 1, high: 1.2 },
	section: { seeThrough: 1.6, medium: 1, thick: 0.7 },
	picking: { slice: 1, weave: 1, teased: 0.9, babylight: 1.15 }
} as const;

/** Minutes of hands beside usual ones: an apprentice still looks twice, the quickest know every parting (reasoned). */
export const HAND_PACES = { unhurried: 1.3, usual: 1, quick: 0.8 } as const satisfies Readonly<
	Record<(typeof HAND_PACE_NAMES)[number], number>
>;

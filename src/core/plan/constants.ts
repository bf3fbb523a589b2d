import { CONDITION_FROM } from '../hair';
import { STAGING } from '../work';

/** What a plan of visits must keep to. */
export const PLAN = {
	/** Condition below which no further visit is planned (lower end of "watch"). */
	minCondition: CONDITION_FROM.watch,
	/** Weeks between visits, by default. */
	restWeeks: 4,
	/** No plan is offered beyond this many visits. */
	mostVisits: 6,
	/** No plan is offered below this strength, volumes: slower than anyone would sit through. */
	leastVolume: 10
} as const;

/** Below this condition index (the stop band) a toner holds by half: it waits a day or more. */
export const HOLDS_TONER_FROM = CONDITION_FROM.fragile;

/** What the search for a plan tries. */
export const SEARCH = {
	/** Strengths of lightener by pace, volumes; ceilings by product and place cut them off. */
	volumes: { gentle: [10, 15, 20], steady: [10, 20, 30], brisk: [20, 25, 30] },
	/** 40 vol is ordinary for high-lift colour, 20 freshens without hot roots. */
	highLiftVolumes: [20, 30, 40],
	/** High-lift colour carries natural hair about this far, levels. */
	highLiftLevels: 4,
	ratios: {
		powder: [1.5, 2, 3],
		cream: [1.5, 2, 2.5],
		clay: [1.5, 2],
		oil: [1, 1.5, 2],
		highLift: [1.5, 2],
		bleachWash: [2],
		permanent: [1],
		alkalineDemi: [2]
	},
	/** Minutes of one application, beside the limit itself. */
	minutes: [30, 40],
	leastMinutes: 5,
	/** Rounds in one visit, rinsed between. */
	perVisit: [1, 2],
	/** The same on hair that old colour made dark, beside the bleach wash that takes some of it out first. */
	perVisitOnDarkColour: [1],
	/** Minutes of a bleach wash that takes old colour out first. */
	removalMinutes: 20,
	/** A round or a visit that gains less is not worth making, levels. */
	leastGain: 0.1,
	/** Minutes to put one application on where nobody counted foils. */
	workMinutes: 35,
	/** A toner where none was chosen. */
	toner: { minutes: 20, applyMinutes: 7 }
} as const;

/** Half-width of the target interval, in levels: closer than people can tell by eye. */
export const TARGET_TOLERANCE = STAGING.nearEnough;

/**
 * Regrowth is plain to see from so many levels times centimetres: solid blonde four levels over natural hair comes
 * back in 5-8 weeks, that is some 1.9 cm (craft: send off).
 */
export const REGROWTH_SHOWS = { levelCm: 7.5 } as const;

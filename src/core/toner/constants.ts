/** What the search for a formula holds against a candidate, in ΔE00. */
export const PENALTY = {
	perTubePastFirst: 0.4,
	perLevelTooDark: 2,
	freeTooDark: 0.25,
	perLevelPartTooDeep: 1,
	fightingTones: 15,
	/** For each step on the wheel that the cool dyes together stand off the undertone's opposite. */
	perStepOffTheWheel: 1.5,
	freeSteps: 0.5
} as const;

/**
 * Where the dyes stand on the wheel, and the opposite of each undertone: green against red, blue against
 * orange, violet against yellow, and mixtures of two between them, as the trade teaches.
 */
export const WHEEL = {
	undertone: {
		red: 0.5,
		'red-orange': 1.25,
		orange: 2,
		'yellow-orange': 3,
		yellow: 4,
		'pale yellow': 4
	},
	dye: { green: 0.5, blue: 2, violet: 4 }
} as const;

/** A formula further than this from the aim is not offered as a match (ΔE00). */
export const CLOSE_ENOUGH = 4;

/** The hair counts as there already when it is this close (ΔE00). */
export const ALREADY_THERE = 2;

/** A formula that comes less than this much closer than bare hair is not worth its bowl (ΔE00). */
export const WORTHWHILE = 1;

/** When warm colour has to go back first, and how far above the level wanted its warmth is taken. */
export const FILLER = { moreThanLevels: 3, paleFrom: 8, aboveWanted: 1 } as const;

/**
 * Two toners one after the other: on hair at least this light, and only where they bring it this much
 * nearer than one does (ΔE00).
 */
export const TWO_STEP = { fromLevel: 8.5, worthwhile: 0.5 } as const;

/** Hair deeper than its aim by more than this (levels) has to be lifted first: no toner is the answer. */
export const MORE_LIFT_FROM = 0.5;

/** The backup plan: how finely stalling points are told, and what a wearable result from there is. */
export const STALL = { step: 0.5, most: 6, backupDeeper: 0.25, backupWarmth: 0.5 } as const;

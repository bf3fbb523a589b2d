/**
 * Dyes as Gaussians over wavelength: peak (nm), standard deviation (nm), peak height 1. Green has a
 * second lobe, as green direct dyes have. Fitted to the hue each dye gives on white hair.
 */
export const DYES = {
	violet: [{ peak: 580, sd: 45, height: 1 }],
	blue: [{ peak: 606, sd: 48, height: 1 }],
	green: [
		{ peak: 652, sd: 42, height: 1 },
		{ peak: 430, sd: 40, height: 0.3 }
	],
	red: [{ peak: 522, sd: 36, height: 1 }],
	orange: [{ peak: 485, sd: 36, height: 1 }],
	yellow: [{ peak: 435, sd: 32, height: 1 }]
} as const;

/** Tone letters of the model as mixtures of dyes. A line's own key maps its codes onto these. */
export const FAMILIES = {
	V: { violet: 1 },
	B: { blue: 1 },
	M: { green: 1 },
	R: { red: 1 },
	C: { orange: 0.7, red: 0.3 },
	G: { yellow: 0.8, orange: 0.2 },
	A: { blue: 0.6, violet: 0.25, green: 0.15 },
	P: { violet: 0.6, blue: 0.4 }
} as const;

/** Amount of brown base and of tone in a tube: `base·e(n)^p` and `tone·e(n)^p`. Fitted. */
export const TUBE = { base: 0.85, basePower: 1.2, tone: 2.4, tonePower: 0.75 } as const;

/** Shares of brown base, first tone and second tone by how the shade is written. */
export const SHARES = {
	natural: { base: 1, first: 0, second: 0 },
	single: { base: 0.15, first: 0.8, second: 0 },
	singlePermanent: { base: 0.6, first: 0.35, second: 0 },
	doubled: { base: 0.05, first: 1.2, second: 0 },
	withNatural: { base: 0.65, first: 0.35, second: 0 },
	pair: { base: 0.2, first: 0.55, second: 0.3 },
	pure: { base: 0, first: 1, second: 0 }
} as const;

/**
 * A concentrate holds this many times the tone of level 7, and no base. It is added by the gram: more
 * than a quarter of a bowl is past what makers of such boosters usually allow.
 */
export const CONCENTRATE = { strength: 4, level: 7, mostShare: 0.25 } as const;

/**
 * What each vehicle leaves on the hair (share of its dye), how fast (minutes to 63 %), how many
 * washes halve it, and its customary full time (minutes).
 */
export const VEHICLES = {
	permanent: { deposit: 0.95, tauMinutes: 15, halfLifeWashes: 40, fullMinutes: 35 },
	demi: { deposit: 0.52, tauMinutes: 8, halfLifeWashes: 14, fullMinutes: 20 },
	gloss: { deposit: 0.45, tauMinutes: 8, halfLifeWashes: 10, fullMinutes: 15 },
	rapid: { deposit: 0.42, tauMinutes: 2.5, halfLifeWashes: 8, fullMinutes: 5 },
	direct: { deposit: 0.6, tauMinutes: 10, halfLifeWashes: 7, fullMinutes: 20 },
	highLift: { deposit: 0.35, tauMinutes: 15, halfLifeWashes: 40, fullMinutes: 45 }
} as const;

/** Uptake by porosity, and how much faster porous hair takes and loses dye. */
export const POROSITY = {
	uptake: { low: 0.85, normal: 1, high: 1.25 },
	porousSpeed: 1.4,
	porousHalfLife: 0.7,
	/** No product leaves more than this share of its dye. */
	mostDeposit: 0.95
} as const;

/** Other things that change the deposit. */
export const DEPOSIT = {
	/** Deposit falls with dilution as `(2/(1+r))^ratioPower`. */
	ratioPower: 0.7,
	coarse: 0.9,
	naturalRed: 0.8,
	/** An alkaline demi with 10 vol in place of a toning developer opens the hair and takes stronger. */
	strongDeveloper: 1.15,
	strongFromVolume: 10,
	/** Condition index below which hair holds only half. */
	holdsHalfBelow: 40,
	/** Pigment in the way of the brown base: `max(least, 1 - slope·(E+P)/e(n))`. */
	gripSlope: 0.75,
	gripLeast: 0.25
} as const;

/** Half-life of each dye against its vehicle's: blue outlasts violet, which is why blue ends green. */
export const DYE_HALF_LIFE = {
	brown: 1,
	violet: 0.85,
	blue: 1.2,
	green: 1.2,
	red: 0.75,
	orange: 1,
	yellow: 1
} as const;

/** Directions as (Δa*, Δb*), scaled by the natural chroma of the level over 20. */
export const DIRECTIONS = {
	neutral: [0, 0],
	ash: [-3, -5],
	pearl: [-1.5, -7],
	violet: [-1, -11],
	silver: [0, 2],
	beige: [-0.5, -3],
	gold: [1, 8],
	copper: [10, 10],
	rose: [9, -2]
} as const;

/** What the search for a formula holds against a candidate, in ΔE00. */
export const PENALTY = {
	perTubePastFirst: 0.4,
	perLevelTooDark: 2,
	freeTooDark: 0.25,
	perLevelPartTooDeep: 1,
	fightingTones: 15,
	/** For each step on the wheel that a cool dye stands away from the undertone, past the free ones. */
	perStepOffTheWheel: 1.5,
	freeSteps: 1
} as const;

/**
 * Where the undertones stand in their order from red (0) to pale yellow (5), and which of them each
 * cool dye is the opposite of. The wheel as the trade teaches it: green against red, blue against
 * orange, violet against yellow.
 */
export const WHEEL = {
	undertone: {
		red: 0,
		'red-orange': 1,
		orange: 2,
		'yellow-orange': 3,
		yellow: 4,
		'pale yellow': 5
	},
	dye: { green: 0.5, blue: 2, violet: 4 }
} as const;

/** A formula further than this from the aim is not offered as a match (ΔE00). */
export const CLOSE_ENOUGH = 4;

/** The hair counts as there already when it is this close (ΔE00). */
export const ALREADY_THERE = 2;

/** A formula that comes less than this much closer than bare hair is not worth its bowl (ΔE00). */
export const WORTHWHILE = 1;

/**
 * Violet that one use of a maintenance shampoo leaves: about a fifteenth of what a 9V demi does, so that
 * weekly use keeps yellow down on pale hair and does nothing that shows on orange.
 */
export const MAINTENANCE = { violetPerUse: 0.03 } as const;

/** When warm colour has to go back first, and how far above the level wanted its warmth is taken. */
export const FILLER = { moreThanLevels: 3, paleFrom: 8, aboveWanted: 1 } as const;

/** A root shadow lies a little above the natural level; a melt has one toner between root and lengths. */
export const ROOT_SHADOW = { lighterThanNatural: 0.75 } as const;
export const MELT = { between: 1 } as const;

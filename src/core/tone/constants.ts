/**
 * Dyes as Gaussians over wavelength: peak (nm), standard deviation (nm), peak height 1. Green has a
 * second lobe, as green direct dyes have. Fitted to the hue each dye gives on white hair.
 */
export const DYES = {
	violet: [{ peak: 580, sd: 45, height: 1 }],
	blue: [{ peak: 606, sd: 57, height: 1 }],
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

/** Amount of brown base and of tone in a tube: `base·e(n)` and `tone·e(n)^power`. Fitted. */
export const TUBE = { base: 0.9, tone: 2.2, tonePower: 0.77 } as const;

/**
 * Shares of brown base, first tone and second tone by how the shade is written. A blue shade holds more
 * base than others: blue on its own would turn green. Permanent lines keep theirs on a full base.
 */
export const SHARES = {
	natural: { base: 1, first: 0, second: 0 },
	single: { base: 0.16, first: 0.78, second: 0 },
	singleBlue: { base: 0.32, first: 0.78, second: 0 },
	singlePermanent: { base: 0.6, first: 0.35, second: 0 },
	doubled: { base: 0.05, first: 1.2, second: 0 },
	withNatural: { base: 0.65, first: 0.49, second: 0 },
	pair: { base: 0.2, first: 0.55, second: 0.3 },
	pure: { base: 0, first: 1, second: 0 }
} as const;

/**
 * A natural shade is balanced: with its brown it holds this share of ash, or it would warm what it covers.
 * That ash is part of the base; no rule of the wheel and no word counts it as a tone.
 */
export const BALANCED_NATURAL = { family: 'A', share: 0.15 } as const;

/**
 * A concentrate holds this many times the tone of level 7, and no base. It is added by the gram: more
 * than a quarter of a bowl is past what makers of such boosters usually allow.
 */
export const CONCENTRATE = { strength: 4, level: 7, mostShare: 0.25 } as const;

/**
 * What each vehicle leaves on the hair (share of its dye), how fast (minutes to 63 %), how many
 * washes halve it, its customary full time (minutes) and parts of developer.
 */
export const VEHICLES = {
	permanent: { deposit: 0.95, tauMinutes: 15, halfLifeWashes: 40, fullMinutes: 35, ratio: 1 },
	demi: { deposit: 0.54, tauMinutes: 8, halfLifeWashes: 14, fullMinutes: 20, ratio: 2 },
	gloss: { deposit: 0.55, tauMinutes: 8, halfLifeWashes: 10, fullMinutes: 15, ratio: 1 },
	rapid: { deposit: 0.47, tauMinutes: 2.5, halfLifeWashes: 8, fullMinutes: 5, ratio: 2 },
	direct: { deposit: 0.6, tauMinutes: 10, halfLifeWashes: 7, fullMinutes: 20, ratio: 1 },
	highLift: { deposit: 0.35, tauMinutes: 15, halfLifeWashes: 40, fullMinutes: 45, ratio: 2 }
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
	/** The brown base settles deeper than the tone: its intermediates are smaller. */
	brownAgainstTone: 1.75,
	/** Unlightened hair takes less: `1 - unlightened·E/(E + 1)`. */
	unlightened: 0.35,
	/** Deposit falls with dilution as `(2/(1+r))^ratioPower`. */
	ratioPower: 0.7,
	coarse: 0.9,
	naturalRed: 0.8,
	/** An alkaline demi with 10 vol in place of a toning developer opens the hair and takes stronger. */
	strongDeveloper: 1.15,
	strongFromVolume: 10,
	/** What hair holds that is past its strength; toning again after a day holds better. */
	spentHolds: 0.5,
	/** Condition index below which that is so, */
	spentBelowCondition: 40,
	/** and the dose of one day: from the one on it holds less, from the other on as little as that. */
	spentDose: { from: 8, to: 12 },
	/** Pigment in the way of the brown base: `max(least, 1 - slope·(E+P)/e(n))`. */
	gripSlope: 0.8,
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

/**
 * Directions. Those that lean shift the aim by (Δa*, Δb*), scaled by the natural chroma of the level over
 * 20; those that stand have a place of their own, (a*, b*), from which they move to the raw lift with the
 * warmth that is kept. Held so that each looks like its name on a screen from level 6 to 10.
 */
export const LEANING = {
	neutral: [0, 0],
	ash: [-3, -5],
	pearl: [-1.5, -9],
	beige: [-0.5, -3],
	gold: [1, 10],
	copper: [10, 9]
} as const;
export const STANDING = { violet: [4, -3], silver: [0, 2], rose: [14, 6] } as const;

/** From this level up the scale of a leaning direction never falls below 1: pale hair shows less chroma. */
export const FULL_SHIFT_FROM = 8;

/** Warmth kept unless somebody says otherwise: a third, and next to none where warmth would hide the tone. */
export const WARMTH_KEPT = { usual: 1 / 3, cold: 0.1 } as const;

/** An aim is at least this much deeper than raw hair of its level (L*): toning costs light. */
export const TONING_COSTS = 2;

/**
 * Dye that one use of a maintenance shampoo leaves: of violet about a fifteenth of what a 9V demi does, so that
 * weekly use keeps yellow down on pale hair and does nothing that shows on orange; of blue as much, which does a
 * little against orange.
 */
export const MAINTENANCE = { violet: 0.03, blue: 0.03 } as const;

/**
 * What each wash with some waters leaves, absorbance at its peak (reasoned: copper pipes show as green on pale hair
 * after some two months of three washes a week, iron as a warm cast; lime dulls and does not colour).
 */
export const WATER_LEAVES = {
	soft: {},
	hard: {},
	iron: { orange: 0.002, yellow: 0.002 },
	copper: { green: 0.003 }
} as const satisfies Readonly<Record<string, Readonly<Partial<Record<keyof typeof DYES, number>>>>>;

/** A root shadow lies this many levels above the natural one. */
export const ROOT_SHADOW = { lighterThanNatural: 0.75 } as const;

/**
 * Where two toners meet the one is drawn out into the other over this share of its reach, and at least so many
 * centimetres: nearer would be a line (craft: a melt has none).
 */
export const MELT = { runsOut: 0.8, leastCm: 1 } as const;

/** Damp hair thins what goes on it: so much of its strength is left, as of lightener. */
export const DAMP = { strength: 0.8 } as const;

/**
 * When a mixture asks for a word: shades of one bowl this many levels apart, with so much of the deepest
 * that it decides; white hair
 * from a tenth on that comes out this much more chromatic, in a hue that is warm.
 */
export const BOWL_FAULTS = {
	levelsApart: 3,
	deepShare: 0.15,
	leastWhite: 0.1,
	warmerChroma: 4,
	warmHue: 95
} as const;

/** Hair takes no more minerals up than so many washes leave (reasoned: after some three months it is full). */
export const MOST_MINERAL_WASHES = 40;

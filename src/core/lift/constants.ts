/** Rate law `k` and the mixture's life. Fitted to the everyday outcomes in docs/model.md. */
export const RATE = {
	/** 1/min at 4 % peroxide, 1:2, 30 °C, on medium virgin hair. */
	base: 0.125,
	/** Peroxide and lightener strength act with this power. */
	power: 0.78,
	/** Peroxide (%) that counts as 1: 20 vol at 1:2. */
	referencePercent: 4,
	/** Rate multiplies by this for every 10 °C, about the figure for oxidations of this kind. */
	per10C: 1.9,
	referenceC: 30,
	/** Life of the mixture in minutes at the reference strength, and its power of strength. */
	lifeMinutes: 58,
	lifePower: -0.25
} as const;

/** How eumelanin turns into warm residue, and how fast that residue goes. */
export const RESIDUE = { formed: 0.48, lost: 0.265 } as const;

/** Volumes from which the developer of an alkaline demi moves natural pigment at all. */
export const DEMI_LIFTS_FROM = 10;

/** What is left of a mixture's activity on hair that was wiped but not rinsed, and for how long (min). */
export const AFTER_WIPE = { share: 0.2, minutes: 5 } as const;

/** High-lift weakens on dark hair: `min(1, (e0/e(n))^power)`. */
export const HIGH_LIFT_DEPTH = { e0: 3.2, power: 0.9 } as const;

/** Warmth of the scalp: `T(x) = T_place + (33.5 - T_place)·exp(-x/1.5 cm)`. */
export const SCALP = { temperatureC: 33.5, decayCm: 1.5, heatZoneCm: 2.5 } as const;

/** How well the mixture reaches every hair, by section thickness. */
export const SECTION_REACH = { seeThrough: 1, medium: 0.85, thick: 0.65 } as const;

/** Damp hair dilutes the peroxide; a bond additive slows a little and spares more. */
export const MODIFIERS = { damp: 0.8, bondRate: 0.92, bondWear: 0.75 } as const;

/** Wear: `0.022 (0.3 + 0.7 (c/4)^0.62)` per unit of plain dose, doubled past level 8, plus handling. */
export const WEAR = {
	perDose: 0.022,
	constant: 0.3,
	strength: 0.7,
	power: 0.62,
	doubledFromLevel: 8,
	handling: 0.02
} as const;

/** How fast artificial dye leaves against natural pigment, by vehicle and kind. */
export const DYE_LOSS = {
	permanent: 0.45,
	other: 1.4,
	perRepeatedLayer: 0.85,
	redOrBlack: 0.7,
	blackFromLevel: 2,
	directBlueOrGreen: 0.3,
	/** Share of the red dye lost that stays behind as warm residue. */
	redResidue: 0.2
} as const;

/** Spread (standard deviations) of what nobody can know before a visit. */
export const SPREAD = {
	logPersonal: 0.2,
	temperatureC: 1.5,
	reach: 0.08,
	startLevel: 0.25,
	/** Of the log of a dose that is only remembered: earlier lightening or colour without a reading. */
	history: 0.25,
	/** What a client's learned factor leaves of the spread of temperature and reach: it absorbed the rest. */
	afterLearning: 0.5,
	/** Draws for one point, and for a whole head. */
	draws: 96,
	headDraws: 256
} as const;

/** A mixture counts as spent when the next ten minutes would gain less than this many levels. */
export const SPENT = { nextMinutes: 10, gainLevels: 0.15 } as const;

/** How long a product may stay (min) unless its maker says otherwise; most say 45-60. */
export const DEFAULT_LIMIT_MINUTES = 50;

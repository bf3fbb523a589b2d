/** Rate law `k` and the mixture's life. Fitted to the everyday outcomes in docs/model.md. */
export const RATE = {
	/** 1/min at 4 % peroxide, 1:2, 30 °C, on medium virgin hair. */
	base: 0.16,
	/** Peroxide acts with this power, the share of lightener in the bowl with that. */
	peroxidePower: 0.7,
	lightenerPower: 0.77,
	/** Peroxide (%) that counts as 1: 20 vol at 1:2. */
	referencePercent: 4,
	/** Rate multiplies by this for every 10 °C, about the figure for oxidations of this kind. */
	per10C: 1.9,
	referenceC: 30,
	/** Life of the mixture in minutes at the reference strength, and its power of strength. */
	lifeMinutes: 54,
	lifePower: -0.25,
	/** A mixture on dry hair needs this long (min, to 63 %) to reach the cortex; on damp hair too. */
	wettingMinutes: 5
} as const;

/** Volumes from which the developer of an alkaline demi moves natural pigment at all. */
export const DEMI_LIFTS_FROM = 10;

/** What is left of a mixture's activity on hair that was wiped but not rinsed, and for how long (min). */
export const AFTER_WIPE = { share: 0.2, minutes: 5 } as const;

/** High-lift weakens on dark hair, `min(1, (e0/e(n))^power)`, but stays ahead of permanent. */
export const HIGH_LIFT_DEPTH = { e0: 3.2, power: 0.9, leastOfPermanent: 1.15 } as const;

/**
 * Tint does not lift tint: where oxidative dye lies in the fibre, a tint reaches the natural pigment at
 * `least + (1 - least)·exp(-D/dye)` of its rate, `D` the dye's absorbance at 550 nm.
 */
export const TINT_REACH = { least: 0.05, dye: 0.3 } as const;

/**
 * Where product begins, mm from the skin: under 5 it touches the scalp whatever covers it. Never-lightened
 * roots are begun 1.2 cm off, a solid retouch as near as the brush goes (schools say 3 mm to 2.5 cm).
 */
export const STARTS_AT = { touchesUnder: 5, neverLightened: 12, retouch: 3 } as const;

/** Warmth of the scalp: `T(x) = T_place + (35 - T_place)·exp(-x/1.5 cm)`. */
export const SCALP = { temperatureC: 35, decayCm: 1.5, heatZoneCm: 2.5 } as const;

/** How well the mixture reaches every hair, by section thickness. */
export const SECTION_REACH = { seeThrough: 1, medium: 0.9, thick: 0.7 } as const;

/** Damp hair dilutes the peroxide; a bond additive slows a little and spares more. */
export const MODIFIERS = { damp: 0.8, bondRate: 0.92, bondWear: 0.75 } as const;

/**
 * Wear: `0.021 (0.3 + 0.7 (c/4)^0.62)` per unit of plain dose, plus handling. Pale hair has little left to
 * give: past level 8 by lightener it counts double, past level 10 four and a half times.
 */
export const WEAR = {
	perDose: 0.021,
	constant: 0.3,
	strength: 0.7,
	power: 0.62,
	/** From these levels of the natural pigment on, times these factors. */
	pale: [
		{ fromLevel: 8, times: 2 },
		{ fromLevel: 10, times: 4.5 }
	],
	handling: 0.02
} as const;

/** How fast artificial dye leaves against natural pigment, by vehicle and kind. */
export const DYE_LOSS = {
	permanent: 0.3,
	other: 0.5,
	/** For every further layer, counted up to `mostRepeats`. */
	perRepeatedLayer: 0.85,
	mostRepeats: 2,
	/** The tones of a layer leave this much faster than its brown: what is left grows warmer. */
	toneAgainstBrown: 1.6,
	/** Of permanent colour: red, and every dye of a box of level 2 and below. */
	redOrBlack: 0.7,
	blackFromLevel: 2,
	directBlueOrGreen: 0.3,
	/** Share of the red dye lost that stays behind as warm residue. */
	redResidue: 0.2
} as const;

/**
 * What a level that was read says of the dye beneath. Hair of `readTo` and lighter shows all it holds;
 * at `saturatedFrom` and darker it is saturated, and its history tells as well; between them by straight line.
 */
export const SATURATION = {
	readTo: 5.5,
	saturatedFrom: 4.5,
	/** Repeated colour shows at most this many levels deeper than its deepest layer. */
	deeperThanBox: 1
} as const;

/** Spread (standard deviations) of what nobody can know before a visit. */
export const SPREAD = {
	logPersonal: 0.22,
	temperatureC: 1.5,
	reach: 0.08,
	startLevel: 0.25,
	/** Of the log of a dose that is only remembered, and of dye that hair of level 5.5 or lighter shows. */
	history: 0.4,
	historyRead: 0.25,
	/** What a client's learned factor leaves of the spread of temperature and reach: it absorbed the rest. */
	afterLearning: 0.5,
	/** One eye against another, levels: part of every band of what somebody will see. */
	reader: 0.35,
	/** Draws for one point, and for a whole head. */
	draws: 96,
	headDraws: 256
} as const;

/** A mixture counts as spent when the next ten minutes would gain less than this many levels. */
export const SPENT = { nextMinutes: 10, gainLevels: 0.15 } as const;

/** How long a product may stay (min) unless its maker says otherwise; most say 45-60. */
export const DEFAULT_LIMIT_MINUTES = 50;

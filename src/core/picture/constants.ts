/** How patches of a picture are read. */
export const PICTURE = {
	/** Shares of a patch left out: glints on top, shadow between the strands below. */
	glints: 0.15,
	shadow: 0.25,
	/** Pixels taken from one patch at most: enough for a median, few enough for any device. */
	mostPixels: 4096,
	leastPixels: 120,
	/** A channel at or above this (0-255) is taken for burnt out. */
	clippedFrom: 250,
	/** Share of burnt-out pixels that spoils a patch: more than is left out as glints; and a reference. */
	clippedHair: 0.15,
	clippedReference: 0.1,
	/** Below this luminance a camera records mostly its own noise. */
	darkLuminance: 0.004,
	/** Strongest gain over the weakest from which the lamp has a strong colour of its own. */
	strongCast: 1.9,
	/** Hair looks wet when this share of pixels is this much lighter than its median (L*). */
	wetShare: 0.14,
	wetLighter: 16,
	/** Patches further apart than this are not one colour, levels. */
	unevenLevels: 0.7,
	/** Known surfaces this far from where the scene puts them (natural log of light) contradict each other. */
	misfit: 0.4,
	/**
	 * What is more colourful than this is no hair: copper comes to about 60, pastels under 45; hues from green over blue
	 * to violet, which only dye gives, to about 55 (reasoned).
	 */
	mostChroma: 85,
	mostCoolChroma: 60,
	coolHues: [100, 345],
	/** A band of level wider than this to either side is looked at and not taken, levels. */
	mostBand: 1,
	/** From this standard deviation on, levels, the hair lies too far from what is known in the picture. */
	farSd: 0.45
} as const;

/** When hair is two kinds: old light pieces among darker hair. */
export const KINDS = {
	/** Shares of all pixels that are left out before the cut: shadow between strands, and glints. */
	shadow: 0.12,
	glints: 0.06,
	/**
	 * Share of the variance of lightness that lies between the two sides. Hair of one kind comes to 0.73 at most
	 * over lamps and curves of our own generator; three of ten light pieces two levels apart to 0.89 and more
	 * (reasoned, to be measured on real heads).
	 */
	leastBetween: 0.76,
	/** Levels apart, and part of the hair: less is the play of one colour. */
	leastApart: 1,
	leastShare: 0.05
} as const;

/**
 * Surfaces of known lightness: luminance against the perfect diffuser, and the standard deviation of its
 * logarithm. Grey card: as sold. Towel: bright cotton, washed often. Card: plain copying paper, a grey and
 * a black by any printer.
 */
export const SURFACES = {
	greyCard: { luminance: 0.184, sd: 0.03 },
	whiteTowel: { luminance: 0.8, sd: 0.07 },
	cardWhite: { luminance: 0.84, sd: 0.05 },
	cardGrey: { luminance: 0.2, sd: 0.15 },
	cardBlack: { luminance: 0.045, sd: 0.22 }
} as const;

/**
 * What a phone makes of light before sRGB's own curve, about the lightness of the references: light is
 * `v^slope·e^(bend·ln² v)` of what was recorded. Most lift shadows and hold highlights back, so light
 * differs more than the picture shows. Mean and standard deviation over the curves of our own generator
 * (reasoned, to be measured on real phones).
 */
export const PHONE = {
	slope: { mean: 1.03, sd: 0.14 },
	bend: { mean: 0, sd: 0.07 }
} as const;

/** Standard deviations that are left after all correction. */
export const LEFT = {
	/** Of the level, from one patch of hair to the next and of the eye that points. */
	patch: 0.1,
	/** Of the level, per natural logarithm of the lamp's cast: lamps have spectra, not only a colour. */
	perCast: 0.35,
	/** Log of the light's strength where nothing in the picture tells it. */
	unknownLight: 0.6,
	/** Log lightness of a swatch of the ring about its level. */
	swatch: 0.06,
	/** Of the level, where one plain surface is all that is known: it says nothing of the camera’s curve. */
	oneSurface: 0.25
} as const;

/**
 * How far a lamp turns the hue of hair once its own colour is taken out, degrees, and the standard
 * deviation that is left: a lamp with gaps in its spectrum shows hair yellower than daylight does.
 * Between what the CIE 1931 observer sees of the model's hair under such lamps (4-6° under LED, 3° under
 * tubes, -3° under bulbs) and what the sensor of our own generator does (10°, 8°, 3°).
 */
export const LAMPS = {
	daylight: { turns: 0, sd: 4 },
	bulb: { turns: 0, sd: 6 },
	led: { turns: 7, sd: 6 },
	tube: { turns: 5.5, sd: 6 },
	unknown: { turns: 3, sd: 8 }
} as const;
/** Standard deviation of a hue that was read beside swatches of hair, degrees: the lamp falls out. */
export const HUE_BESIDE_SWATCHES = 4;

/** The steps of the printed card, in the order in which they are pointed at. */
export const CARD_STEPS = ['cardWhite', 'cardGrey', 'cardBlack'] as const;

/** How patches of a picture are read. */
export const PICTURE = {
	/** Luminance of what the light is corrected by: an 18 % grey card, and a clean white towel. */
	reference: { greyCard: 0.184, whiteTowel: 0.8 },
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
	/** Largest channel gain over the smallest from which the light has a strong cast. */
	strongCast: 1.7,
	/** Hair looks wet when this share of pixels is this much lighter than its median (L*). */
	wetShare: 0.14,
	wetLighter: 16,
	/** Patches further apart than this are not one colour, levels. */
	unevenLevels: 0.7,
	/** Standard deviations of the level: with a card, with a towel, without either. */
	sd: { greyCard: 0.12, whiteTowel: 0.25, none: 0.6 }
} as const;

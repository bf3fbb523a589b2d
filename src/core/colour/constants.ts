/**
 * The visible band the model samples. 10 nm steps resolve every curve used here: the narrowest lobe
 * of the observer has a standard deviation of 11.8 nm.
 */
export const WAVELENGTHS: readonly number[] = Array.from({ length: 31 }, (_, i) => 400 + 10 * i);

/** Number of samples of every spectrum in the model. */
export const SAMPLES = WAVELENGTHS.length;

/**
 * Relative spectral power of CIE standard illuminant D65, 400-700 nm every 10 nm (560 nm = 100).
 * Source: CIE 15:2018, table T.1.
 */
export const D65: readonly number[] = [
	82.7549, 91.486, 93.4318, 86.6823, 104.865, 117.008, 117.812, 114.861, 115.923, 108.811, 109.354,
	107.802, 104.79, 107.689, 104.405, 104.046, 100, 96.3342, 95.788, 88.6856, 90.0062, 89.5991,
	87.6987, 83.2886, 83.6992, 80.0268, 80.2146, 82.2778, 78.2842, 69.7213, 71.6091
];

/**
 * How the mass of fibres scatters, and how keratin itself absorbs. Dimensionless unless said.
 * Fitted: with these, ladders of natural and lightened swatches keep their measured hue order.
 */
export const FIBRE = {
	/** Light reflected at the fibre's surface, before any pigment. */
	gloss: 0.018,
	/** Share of light that comes back from an unpigmented mass of fibres at long wavelengths. */
	body: 0.85,
	/** Shape of the gamma distribution of path lengths through the mass. */
	pathShape: 3.2,
	/** Keratin's short-wave absorption at 500 nm, and its grey part. */
	keratinShortWave: 0.1,
	keratinGrey: 0.03
} as const;

/**
 * Decay length (nm) of each pigment's absorption. Published measurements of hair melanin fall nearly
 * exponentially with wavelength, faster for pheomelanin; that difference is why a lift runs red,
 * orange, yellow.
 */
export const PIGMENT_DECAY_NM = { eumelanin: 200, pheomelanin: 92 } as const;

/**
 * The salon ladder: depth `L_depth` of levels 1-12 (for natural neutral hair that is its CIE L*). Linear
 * between, extrapolated beyond. A salon may hand in the readings of its own swatch ring instead.
 */
export const LEVEL_LADDER: readonly number[] = [
	17.3, 19.5, 22.6, 26.5, 31.8, 38, 46, 55, 65.5, 77, 84, 89
];

/** Warm pigment per brown-black pigment, `w = P/E`, of neutral natural hair: the measure of warmth. */
export const NEUTRAL_WARMTH = 0.08;

/**
 * How warmth counts in depth. Its axis points at hue 70°, where lightened hair of middle levels lies;
 * each unit past that of neutral natural hair of the same L* is taken for `perUnit` of lightness that
 * toning will cost. Fitted so that a neutraliser of the hair's own level keeps that level.
 */
export const DEPTH = { warmthHueDegrees: 70, perUnit: 0.45 } as const;

/**
 * Undertone names of lightened hair by hue angle (degrees, upper end) above a chroma of 10. With them the
 * lift path meets the taught chart: 4 red, 5 red-orange, 6 and 7 orange, 8 yellow-orange, 9 yellow, 10
 * pale yellow.
 */
export const UNDERTONE_HUES = [
	{ below: 60.5, name: 'red' },
	{ below: 64.3, name: 'red-orange' },
	{ below: 73.3, name: 'orange' },
	{ below: 79, name: 'yellow-orange' },
	{ below: 85, name: 'yellow' },
	{ below: 100, name: 'pale yellow' }
] as const;

/** Below this chroma lightened hair shows no undertone worth neutralising. */
export const UNDERTONE_MIN_CHROMA = 10;

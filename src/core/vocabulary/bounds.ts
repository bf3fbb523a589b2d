/** Least and most of something that is set, with the step in which people set it. */
export interface Bound {
	readonly min: number;
	readonly max: number;
	readonly step: number;
}

/** Further applications of one day: so many before the main one, and so many after it. */
export const MOST_FURTHER = 3;

/** So many toners for some of the hair can be told apart on a trolley. */
export const MOST_PLACED = 8;
/** Strands that one morning at the bench holds. */
export const MOST_STRANDS = 24;
/** Answers and sets that are kept of whoever practises. */
export const MOST_ANSWERS = 1500;
export const MOST_SETS = 40;
/** Simulated heads that are kept, and acts of one. */
export const MOST_HEADS = 60;
/** Swatches read by eye that are kept. */
export const MOST_LOOKS = 400;
export const MOST_ACTS = 300;
/** Looks at one test strand. */
export const MOST_TEST_LOOKS = 16;
/** Parts of one bowl of colour. */
export const MOST_PARTS = 8;

/** What may be set, each once: dials, fields and records go by these. Units in the names. */
export const BOUNDS = {
	/** Level of any hair. */
	level: { min: 1, max: 12, step: 0.1 },
	/** Level of hair as it grows: the model is solved for these. */
	naturalLevel: { min: 1, max: 10, step: 0.1 },
	/** CIELAB of a swatch that was measured. */
	lightness: { min: 0, max: 100, step: 0.1 },
	labAxis: { min: -100, max: 100, step: 0.1 },
	/** Share of warmth, of white hair and the like. */
	share: { min: 0, max: 1, step: 0.01 },
	/** Share of the hair that is lightened. */
	lightShare: { min: 0.05, max: 1, step: 0.05 },
	/** Share of all hair that is coloured darker between the light strands. */
	lowlightShare: { min: 0.05, max: 0.5, step: 0.05 },
	/** Share of a zone's hair that is old light pieces among the rest. */
	oldLightShare: { min: 0.05, max: 0.95, step: 0.05 },
	/** A salon's own rate of a texture beside the published one. */
	textureRate: { min: 0.6, max: 1.6, step: 0.01 },
	condition: { min: 0, max: 100, step: 1 },
	/** Strength of a developer. */
	volume: { min: 1, max: 40, step: 0.5 },
	/** The same where none may be used. */
	volumeOrNone: { min: 0, max: 40, step: 0.5 },
	/** Parts of developer to one; each product has its own within these. */
	ratio: { min: 0.5, max: 4, step: 0.25 },
	/** Blocks of a head that rinse together. */
	rinseBlocks: { min: 2, max: 4, step: 1 },
	/** Minutes of one application as it is planned. */
	liftMinutes: { min: 1, max: 120, step: 1 },
	/** Longest that a product may stay. */
	limitMinutes: { min: 10, max: 120, step: 1 },
	/** Minutes by which a zone follows later. */
	delayMinutes: { min: 0, max: 60, step: 1 },
	/** Where product begins, mm from the skin. */
	startsAtMm: { min: 0, max: 25, step: 1 },
	drawThroughMinutes: { min: 0, max: 30, step: 1 },
	/** Minute of the one rinse, from the first brush stroke. */
	rinseMinute: { min: 5, max: 240, step: 1 },
	/** Minute at which something was seen at the chair. */
	lainMinutes: { min: 0, max: 600, step: 1 },
	seenMinute: { min: 0, max: 600, step: 1 },
	/** Minutes that a toner is left; a line has at least one. */
	toneMinutes: { min: 0, max: 90, step: 1 },
	lineMinutes: { min: 1, max: 90, step: 1 },
	toneGrams: { min: 1, max: 500, step: 1 },
	/** Grams of one thing on the shelf, and in one tub, bottle or tube of it. */
	stockGrams: { min: 0, max: 100_000, step: 1 },
	packGrams: { min: 1, max: 10_000, step: 1 },
	/** Minutes at the chair, from sitting down to getting up. */
	tookMinutes: { min: 1, max: 1440, step: 5 },
	/** Lightener mixed for one day, all applications together. */
	dayGrams: { min: 0, max: 20_000, step: 1 },
	/** What a visit costs, in the salon's currency. */
	price: { min: 0, max: 100_000, step: 1 },
	leftoverGrams: { min: 0, max: 2000, step: 1 },
	foils: { min: 1, max: 300, step: 1 },
	hands: { min: 1, max: 2, step: 1 },
	/** Share of a second lightener in one bowl. */
	secondShare: { min: 0.05, max: 0.95, step: 0.05 },
	/** Levels to lift past the aim. */
	liftPast: { min: 0, max: 3, step: 0.25 },
	lengthCm: { min: 1, max: 150, step: 1 },
	zoneCm: { min: 0, max: 150, step: 0.1 },
	cutCm: { min: 0.5, max: 100, step: 0.5 },
	rootDepthCm: { min: 0.5, max: 40, step: 0.5 },
	/** How far under the parting a hidden panel begins. */
	panelEdgeCm: { min: 1, max: 30, step: 1 },
	/** Edges of a part of the head that is worked alone: from the parting, the hairline or the tips. */
	partEdgeCm: { min: 0, max: 40, step: 0.5 },
	growthCmPerMonth: { min: 0.3, max: 3, step: 0.05 },
	/** Minutes to put one section on. */
	sectionMinutes: { min: 0.1, max: 180, step: 0.1 },
	/** What lies in a bowl. */
	pouredGrams: { min: 1, max: 1000, step: 1 },
	partGrams: { min: 0, max: 1000, step: 1 },
	/** Between the visits of one plan. */
	restWeeks: { min: 1, max: 52, step: 1 },
	plannedVisits: { min: 1, max: 12, step: 1 },
	lightenings: { min: 0, max: 20, step: 1 },
	layers: { min: 1, max: 20, step: 1 },
	/** Ten years back. */
	weeksAgo: { min: 0, max: 520, step: 1 },
	washesPerWeek: { min: 0, max: 14, step: 1 },
	/** Uses of a violet maintenance shampoo. */
	violetPerWeek: { min: 0, max: 7, step: 0.5 },
	glossWeeks: { min: 2, max: 12, step: 1 },
	returnWeeks: { min: 1, max: 52, step: 1 },
	scaleStep: { min: 0.05, max: 10, step: 0.05 },
	additiveAmount: { min: 0.05, max: 100, step: 0.05 },
	additivePerGrams: { min: 1, max: 500, step: 1 },
	costPer100g: { min: 0, max: 10_000, step: 0.01 },
	rate: { min: 0, max: 100_000, step: 0.01 }
} as const satisfies Readonly<Record<string, Bound>>;

/** The bound of a share, in percent and in steps of five. */
export const inPercent = ({ min, max }: Bound): Bound => ({
	min: 100 * min,
	max: 100 * max,
	step: 5
});

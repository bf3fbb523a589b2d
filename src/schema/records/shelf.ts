import * as z from 'zod/mini';
import {
	ADDITIVE_UNITS,
	BOUNDS,
	HAND_PACE_NAMES,
	LEARNED_OF_HANDS,
	MOST_PARTS,
	PACES,
	SWATCH_READ_BY
} from '../../core/vocabulary';
import * as hair from '../hair';
import { within } from '../hair';
import { id, when, day, text, document, lab } from './base';
import { chosenPart } from './lift';

export const shelfShade = z.object({
	id: text(80, 1),
	/** As written on the tube. */
	code: text(40, 1),
	level: hair.level,
	tone: hair.tone,
	intensity: z.optional(hair.intensity),
	form: z.optional(hair.shadeForm),
	/** A tube of it is open. */
	open: z.optional(z.literal(true))
});

export const shelfLine = z.object({
	id: text(80, 1),
	name: text(80, 1),
	vehicle: hair.vehicle,
	ratio: hair.ratio,
	minutes: within(BOUNDS.lineMinutes),
	developerVolume: within(BOUNDS.volumeOrNone),
	/** What this line's own letters or digits mean, in families of the model. */
	key: z.record(text(12), hair.tone),
	shades: z.array(shelfShade).check(z.maxLength(300))
});

/** A blend that the salon keeps by a name of its own. */
export const houseFormula = z.object({
	id,
	name: text(120, 1),
	lineId: text(80, 1),
	parts: z.array(chosenPart).check(z.minLength(1), z.maxLength(MOST_PARTS)),
	ratio: within(BOUNDS.ratio),
	minutes: within(BOUNDS.toneMinutes),
	developerVolume: z.optional(within(BOUNDS.volumeOrNone))
});

const limit = within(BOUNDS.limitMinutes);

/** Depth without warmth, in units of L*. */
const depth = within(BOUNDS.lightness);

/** A swatch of the salon's own ring, as it was read. */
export const ringSwatch = z.object({
	/** What the ring calls it. */
	level: hair.level,
	depth,
	/** Its colour, where that was read and not only its place on the ladder. */
	lab: z.optional(lab),
	/** Standard deviation of its level, where that is known. */
	sd: z.optional(z.number().check(z.minimum(0), z.maximum(12))),
	by: z.enum(SWATCH_READ_BY),
	date: day
});

/** Something on the shelf as it was counted. */
export const stockItem = z.object({
	grams: within(BOUNDS.stockGrams),
	countedAt: when,
	/** Grams in one tub, bottle or tube, and what it costs. */
	packGrams: within(BOUNDS.packGrams),
	packPrice: z.optional(within(BOUNDS.rate)),
	/** Fewer than this and it is bought again, g. */
	leastGrams: z.optional(within(BOUNDS.stockGrams)),
	useBy: z.optional(day)
});

export const shelf = z.object({
	...document,
	kind: z.literal('shelf'),
	developers: z.array(hair.volume).check(z.maxLength(20)),
	limitMinutes: limit,
	/** Products that may stay longer or shorter than that. */
	limits: z.partialRecord(hair.product, limit),
	/** How strong this salon likes to work, and the strengths over which it asks for a reason. */
	pace: z.enum(PACES),
	/** How fast colour is put on here, and by single colourists where they differ. */
	handPace: z.optional(z.enum(HAND_PACE_NAMES)),
	handPaces: z.optional(z.record(text(120, 1), z.enum(HAND_PACE_NAMES))),
	/** What is not learned of those who work here. */
	learnOff: z.optional(z.array(z.enum(LEARNED_OF_HANDS)).check(z.maxLength(1))),
	/** Factors on the rate of textures beside the published ones, taken from the salon's own heads. */
	textureRates: z.optional(z.partialRecord(hair.texture, within(BOUNDS.textureRate))),
	ceilings: hair.ceilings,
	lightenerName: text(80),
	/** Finest step of the scale, g. */
	scaleStep: within(BOUNDS.scaleStep),
	/** The bond-building additive: so much for every so many grams of lightener. */
	additive: z.object({
		name: text(80),
		amount: within(BOUNDS.additiveAmount),
		unit: z.enum(ADDITIVE_UNITS),
		perGrams: within(BOUNDS.additivePerGrams)
	}),
	/** What 100 g cost, in the currency of the rates; without them no bowl is priced. */
	costs: z.optional(
		z.object({
			lightener: within(BOUNDS.costPer100g),
			developer: within(BOUNDS.costPer100g),
			colour: within(BOUNDS.costPer100g)
		})
	),
	/** What an hour and the materials of one application cost; without them nothing is priced. */
	rates: z.optional(
		z.object({
			currency: z.string().check(z.regex(/^[A-Z]{3}$/)),
			perHour: within(BOUNDS.rate),
			perApplication: within(BOUNDS.rate),
			/** Also by the foil and by the gram that is mixed, where the salon likes. */
			perFoil: z.optional(within(BOUNDS.rate)),
			perGram: z.optional(within(BOUNDS.rate))
		})
	),
	/** What stands there, as it was last counted, by what it goes by: it counts down by what is weighed. */
	stock: z.optional(z.record(text(100, 1), stockItem)),
	lines: z.array(shelfLine).check(z.maxLength(40)),
	/** Blends that are mixed again and again. */
	formulas: z.optional(z.array(houseFormula).check(z.maxLength(200))),
	/** The salon's own ring, swatch by swatch: what a ladder is made from. */
	ring: z.array(ringSwatch).check(z.maxLength(40)),
	/** Depths of levels 1-12 in which this salon tells its levels; without them the usual ladder. */
	ladder: z.optional(z.array(depth).check(z.length(12)))
});

export type Shelf = z.infer<typeof shelf>;

export type RingSwatch = z.infer<typeof ringSwatch>;

export type ShelfLine = z.infer<typeof shelfLine>;

export type HouseFormula = z.infer<typeof houseFormula>;

export type StockItem = z.infer<typeof stockItem>;

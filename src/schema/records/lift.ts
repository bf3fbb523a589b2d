import * as z from 'zod/mini';
import {
	BOUNDS,
	MOST_FURTHER,
	MOST_PARTS,
	PICKING_NAMES,
	STEP_KINDS,
	ANGLES,
	WORKED_PARTS
} from '../../core/vocabulary';
import * as hair from '../hair';
import { within } from '../hair';
import { id, text } from './base';
import { areaName } from './reading';

const delay = within(BOUNDS.delayMinutes);

export const chosenPart = z.object({
	shadeId: z.optional(text(80)),
	name: text(120),
	/** Absent for clear. */
	level: z.optional(hair.level),
	tone: z.optional(hair.tone),
	intensity: z.optional(hair.intensity),
	form: z.optional(hair.shadeForm),
	grams: within(BOUNDS.partGrams)
});

export const liftPlan = z.object({
	product: hair.product,
	/** A second lightener in the same bowl, and its share of the lightener by weight. */
	second: z.optional(z.object({ product: hair.product, share: within(BOUNDS.secondShare) })),
	volume: hair.volume,
	ratio: hair.ratio,
	minutes: within(BOUNDS.liftMinutes),
	placement: hair.placement,
	section: hair.section,
	/** Where product begins, mm from the skin. */
	startsAtMm: within(BOUNDS.startsAtMm),
	bondAdditive: z.boolean(),
	damp: z.boolean(),
	/** How much later a zone is begun, minutes; the root's holds for the centimetres the scalp warms. */
	delays: z.object({ root: delay, lengths: delay, ends: delay }),
	/** For how many of the last minutes the spent mixture is drawn over hair that was kept out; 0: not. */
	drawThroughMinutes: within(BOUNDS.drawThroughMinutes),
	covers: z.object({ root: z.boolean(), lengths: z.boolean(), ends: z.boolean() }),
	/** Hair that is lightened already is kept out unless this says why not, and how weak a bowl it gets. */
	overlap: z.optional(z.object({ reason: text(500, 1), volume: hair.volume })),
	/** The same of old light pieces among darker hair, which foils go round unless this says why not. */
	lightsAlong: z.optional(z.object({ reason: text(500, 1), volume: hair.volume })),
	/** The part of the head that is worked alone, its edges in cm; left out, all of it. */
	part: z.optional(
		z.object({
			name: z.enum(WORKED_PARTS),
			fromCm: within(BOUNDS.partEdgeCm),
			toCm: within(BOUNDS.partEdgeCm)
		})
	),
	/** The shades of a tint, which it lays down while it lifts; their grams tell their parts. */
	tint: z.optional(
		z.object({
			lineId: text(80),
			parts: z.array(chosenPart).check(z.minLength(1), z.maxLength(MOST_PARTS))
		})
	)
});

/** A further application of the same day, rinsed before the next. */
export const liftStep = z.extend(liftPlan, {
	id,
	kind: z.enum(STEP_KINDS),
	/** Only on these areas; left out, on all. */
	areas: z.optional(z.array(areaName).check(z.minLength(1), z.maxLength(8)))
});

/** All the lightening of one day: what goes before the main application, and what after it. */
export const liftDay = {
	lift: liftPlan,
	before: z.array(liftStep).check(z.maxLength(MOST_FURTHER)),
	after: z.array(liftStep).check(z.maxLength(MOST_FURTHER))
};

/** Another way in which the day could be worked, kept beside the one that is planned. */
export const liftWay = z.object({ id, ...liftDay });

/** A part of the head that is worked in one go. */
export const headSection = z.object({
	id,
	areas: z.array(areaName).check(z.minLength(1), z.maxLength(8)),
	/** Its part of the hair that is worked. */
	share: z.number().check(z.gt(0), z.maximum(1)),
	picking: z.enum(PICKING_NAMES),
	angle: z.enum(ANGLES),
	thickness: z.optional(hair.section),
	placement: z.optional(hair.placement),
	lockedVolume: z.optional(hair.volume),
	minutes: z.optional(within(BOUNDS.sectionMinutes)),
	skip: z.optional(z.boolean())
});

export type LiftPlan = z.infer<typeof liftPlan>;

export type LiftStep = z.infer<typeof liftStep>;

export type LiftWay = z.infer<typeof liftWay>;

export type ChosenPart = z.infer<typeof chosenPart>;

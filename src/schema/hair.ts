import {
	BOUNDS,
	CHOSEN_PRODUCTS,
	CURLS,
	DENSITIES,
	DIRECTIONS,
	PLACEMENT_NAMES,
	POROSITIES,
	SECTIONS,
	SHADE_FORMS,
	TEXTURES,
	UNDERTONES,
	VEHICLES,
	WARMTHS,
	type Bound
} from '../core/vocabulary';
import * as z from 'zod/mini';

// The small edition of Zod speaks no language until it is told one.
z.config(z.locales.en());

/** A number within what may be set. */
export const within = ({ min, max }: Bound) => z.number().check(z.minimum(min), z.maximum(max));
/** A whole number within what may be set. */
export const wholeWithin = ({ min, max }: Bound) => z.int().check(z.minimum(min), z.maximum(max));

export const warmth = z.enum(WARMTHS);
export const texture = z.enum(TEXTURES);
export const porosity = z.enum(POROSITIES);
export const density = z.enum(DENSITIES);
export const curl = z.enum(CURLS);
export const vehicle = z.enum(VEHICLES);
export const product = z.enum(CHOSEN_PRODUCTS);
export const placement = z.enum(PLACEMENT_NAMES);
export const section = z.enum(SECTIONS);
export const direction = z.enum(DIRECTIONS);
export const undertoneName = z.enum(UNDERTONES);

/** Tone code of the model: N, one family letter, or two (doubled, with N, or a pair). */
export const tone = z
	.string()
	.check(z.regex(/^[NVBMRCGAP]{1,2}$/, 'one or two of the letters N V B M R C G A P'));

export const shadeForm = z.enum(SHADE_FORMS);
export const intensity = z.number().check(z.minimum(0.1), z.maximum(4));

/** Level of natural hair: the model is solved for 1-10. */
export const naturalLevel = within(BOUNDS.naturalLevel);
/** Level of any hair, 1-12. */
export const level = within(BOUNDS.level);
export const share = within(BOUNDS.share);
export const condition = within(BOUNDS.condition);
export const volume = within(BOUNDS.volume);

/** Strongest developers that a salon uses, volumes. */
export const ceilings = z.object({
	onScalp: volume,
	offScalp: volume,
	tint: volume,
	bleachWash: volume
});
export const ratio = within(BOUNDS.ratio);
export const minutes = z.number().check(z.minimum(0), z.maximum(180));

/** Old colour in the hair. */
export const artificialColour = z.object({
	kind: vehicle,
	level,
	tone,
	layers: z.optional(wholeWithin(BOUNDS.layers)),
	weeksAgo: z.optional(within(BOUNDS.weeksAgo))
});

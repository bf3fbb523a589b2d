import { z } from 'zod';

export const warmth = z.enum(['ash', 'neutral', 'golden', 'copper', 'red']);
export const texture = z.enum(['fine', 'medium', 'coarse']);
export const porosity = z.enum(['low', 'normal', 'high']);
export const density = z.enum(['low', 'medium', 'high']);
export const curl = z.enum(['straight', 'wavy', 'curly', 'coily']);
export const vehicle = z.enum(['permanent', 'demi', 'gloss', 'rapid', 'direct', 'highLift']);
export const product = z.enum([
	'powder',
	'cream',
	'clay',
	'oil',
	'bleachWash',
	'highLift',
	'permanent'
]);
export const placement = z.enum([
	'foil',
	'foilCovered',
	'foilHairline',
	'openAir',
	'cap',
	'onScalp',
	'film'
]);
export const section = z.enum(['seeThrough', 'medium', 'thick']);
export const direction = z.enum([
	'neutral',
	'beige',
	'ash',
	'pearl',
	'violet',
	'silver',
	'gold',
	'copper',
	'rose'
]);
export const undertoneName = z.enum([
	'red',
	'red-orange',
	'orange',
	'yellow-orange',
	'yellow',
	'pale yellow'
]);

/** Tone code of the model: N, one family letter, or two (doubled, with N, or a pair). */
export const tone = z
	.string()
	.regex(/^[NVBMRCGAP]{1,2}$/, 'one or two of the letters N V B M R C G A P');

export const shadeForm = z.enum(['based', 'pure', 'concentrate']);
export const intensity = z.number().min(0.1).max(4);

/** Level of natural hair: the model is solved for 1-10. */
export const naturalLevel = z.number().min(1).max(10);
/** Level of any hair, 1-12. */
export const level = z.number().min(1).max(12);
export const share = z.number().min(0).max(1);
export const condition = z.number().min(0).max(100);
export const volume = z.number().min(1).max(40);

/** Strongest developers that a salon uses, volumes. */
export const ceilings = z.object({
	onScalp: volume,
	offScalp: volume,
	tint: volume,
	bleachWash: volume
});
export const ratio = z.number().min(0.5).max(4);
export const minutes = z.number().min(0).max(180);

/** Old colour in the hair. */
export const artificialColour = z.object({
	kind: vehicle,
	level,
	tone,
	layers: z.number().int().min(1).max(20).optional(),
	weeksAgo: z.number().min(0).max(520).optional()
});

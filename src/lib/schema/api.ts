import { z } from 'zod';
import * as hair from './hair';

const lab = z.object({ l: z.number(), a: z.number(), b: z.number() });
const labInput = z.object({
	l: z.number().min(0).max(100),
	a: z.number().min(-128).max(128),
	b: z.number().min(-128).max(128)
});
const hex = z.string().regex(/^#[0-9a-f]{6}$/);
const undertone = z.object({
	name: z.string(),
	hue: z.number(),
	chroma: z.number(),
	neutraliser: z.string()
});
const message = z.object({ code: z.string(), message: z.string() });

export const predictRequest = z.object({
	hair: z.object({
		naturalLevel: hair.naturalLevel,
		warmth: hair.warmth,
		texture: hair.texture.default('medium'),
		porosity: hair.porosity.optional(),
		condition: hair.condition.default(100),
		presentLevel: hair.level.optional(),
		artificial: z.array(hair.artificialColour).max(12).optional(),
		whiteShare: hair.share.default(0)
	}),
	stages: z
		.array(
			z
				.object({
					product: hair.product,
					volume: hair.volume,
					ratio: hair.ratio,
					minutes: hair.minutes,
					placement: hair.placement.optional(),
					temperatureC: z.number().min(10).max(45).optional(),
					section: hair.section.optional(),
					damp: z.boolean().optional(),
					bondAdditive: z.boolean().optional()
				})
				.refine((stage) => stage.placement !== undefined || stage.temperatureC !== undefined, {
					message: 'give a placement or a temperatureC',
					path: ['placement']
				})
		)
		.min(1)
		.max(12),
	personal: z.number().min(0.2).max(5).optional(),
	distanceCm: z.number().min(0).max(150).optional()
});

export const predictAnswer = z.object({
	stages: z.array(
		z.object({
			level: z.number(),
			levelLow: z.number(),
			levelHigh: z.number(),
			undertone,
			lab,
			hex,
			dose: z.number(),
			condition: z.number()
		})
	),
	cautions: z.array(
		z.object({ code: z.string(), severity: z.enum(['note', 'ask', 'stop']), message: z.string() })
	)
});

/** Hair before toning: pigment amounts, a measured colour, or a level with what is seen. */
export const rawHair = z.union([
	z.strictObject({ E: z.number().min(0).max(64), P: z.number().min(0).max(64) }),
	z.strictObject(labInput.shape),
	z.strictObject({ level: hair.level, undertone: hair.undertoneName.optional() })
]);

const grams = z.number().min(0).max(2000);
export const formulaPart = z.union([
	z.strictObject({ clear: z.literal(true), grams }),
	z.strictObject({
		level: hair.level,
		tone: hair.tone,
		grams,
		intensity: hair.intensity.optional(),
		form: hair.shadeForm.optional()
	})
]);

export const tonePreviewRequest = z.object({
	raw: rawHair,
	parts: z.array(formulaPart).max(12),
	vehicle: hair.vehicle,
	ratio: hair.ratio,
	minutes: hair.minutes,
	porosity: hair.porosity.optional(),
	developerVolume: z.number().min(0).max(40).optional()
});

export const tonePreviewAnswer = z.object({
	lab,
	hex,
	level: z.number(),
	undertone,
	shift: z.object({ level: z.number() }),
	warnings: z.array(message)
});

export const toneSolveRequest = z.object({
	raw: rawHair,
	target: z.union([
		z.strictObject({
			level: hair.level,
			direction: hair.direction,
			keepWarmth: hair.share.optional()
		}),
		z.strictObject(labInput.shape)
	]),
	shelf: z
		.array(
			z.object({
				id: z.string().min(1).max(80),
				level: hair.level,
				tone: hair.tone,
				vehicle: hair.vehicle,
				intensity: hair.intensity.optional(),
				form: hair.shadeForm.optional()
			})
		)
		.max(200),
	vehicle: hair.vehicle,
	totalGrams: z.number().int().min(1).max(1000),
	ratio: hair.ratio.optional(),
	minutes: hair.minutes.optional(),
	maxShades: z.number().int().min(1).max(3).optional()
});

export const toneSolveAnswer = z.object({
	formulas: z.array(
		z.object({
			parts: z.array(
				z.union([
					z.object({ clear: z.literal(true), grams: z.number() }),
					z.object({ id: z.string(), level: z.number(), tone: z.string(), grams: z.number() })
				])
			),
			ratio: z.number(),
			minutes: z.number(),
			developerGrams: z.number(),
			lab,
			hex,
			level: z.number(),
			deltaE: z.number(),
			why: z.string(),
			ifLeftLonger: z.object({ lab, hex, warnings: z.array(message) })
		})
	),
	needLevel: z.number().optional()
});

export const healthAnswer = z.object({ ok: z.literal(true), version: z.string() });

/** A fault in what was sent. */
const problemAnswer = z.object({
	problems: z.array(z.object({ problem: z.string(), path: z.string(), message: z.string() }))
});
export type Problems = z.infer<typeof problemAnswer>;

/** Every request and answer by route: what `/api/schema` publishes. */
export const API = {
	'POST /api/predict': { request: predictRequest, answer: predictAnswer },
	'POST /api/tone/preview': { request: tonePreviewRequest, answer: tonePreviewAnswer },
	'POST /api/tone/solve': { request: toneSolveRequest, answer: toneSolveAnswer },
	'GET /api/health': { request: undefined, answer: healthAnswer },
	'400 and 413': { request: undefined, answer: problemAnswer }
} as const;

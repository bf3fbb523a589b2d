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
/** Every level in an answer is kept to the scale. */
const shownLevel = z.number().min(1).max(12);
const message = z.object({ code: z.string(), message: z.string() });

/** What is known of a head, as the prediction takes it. */
export const predictHair = z.object({
	naturalLevel: hair.naturalLevel,
	warmth: hair.warmth,
	texture: hair.texture.default('medium'),
	porosity: hair.porosity.optional(),
	condition: hair.condition.default(100),
	presentLevel: hair.level.optional(),
	artificial: z.array(hair.artificialColour).max(12).optional(),
	whiteShare: hair.share.default(0)
});

const personal = z.number().min(0.2).max(5).optional();

export const predictRequest = z.object({
	hair: predictHair,
	stages: z
		.array(
			z
				.object({
					product: hair.product,
					volume: hair.volume,
					ratio: hair.ratio,
					minutes: hair.minutes,
					/** Minutes since the bowl was mixed when it goes on; left out, fresh. */
					bowlAgeMinutes: z.number().min(0).max(120).optional(),
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
	personal,
	distanceCm: z.number().min(0).max(150).optional()
});

export const predictAnswer = z.object({
	stages: z.array(
		z.object({
			level: shownLevel,
			levelLow: shownLevel,
			levelHigh: shownLevel,
			/** Undertones at the deep and the light end of the interval. */
			undertoneLow: z.string(),
			undertoneHigh: z.string(),
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
	level: shownLevel,
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
			level: shownLevel,
			deltaE: z.number(),
			why: z.string(),
			ifLeftLonger: z.object({ lab, hex, warnings: z.array(message) })
		})
	),
	needLevel: z.number().optional()
});

export const planRequest = z.object({
	hair: predictHair,
	/** The level to finish at; `liftPast` levels are lifted beyond it to give the toner room. */
	target: z.object({
		level: hair.level,
		direction: hair.direction.optional(),
		keepWarmth: hair.share.optional(),
		liftPast: z.number().min(0).max(3).default(0)
	}),
	constraints: z
		.object({
			pace: z.enum(['gentle', 'steady', 'brisk']).optional(),
			scalp: z.boolean().optional(),
			maxVolume: z.number().min(10).max(40).optional(),
			ceilings: hair.ceilings.optional(),
			maxVisits: z.number().int().min(1).max(8).optional(),
			restWeeks: z.number().min(0).max(52).optional(),
			minCondition: hair.condition.optional(),
			limitMinutes: z.number().min(10).max(120).optional(),
			workMinutes: z.number().min(1).max(300).optional(),
			rates: z.object({ perHour: z.number().min(0), perApplication: z.number().min(0) }).optional()
		})
		.default({}),
	personal
});

const plannedVisit = z.object({
	week: z.number(),
	applications: z.array(
		z.object({
			product: z.string(),
			placement: z.string(),
			volume: z.number(),
			ratio: z.number(),
			minutes: z.number()
		})
	),
	level: shownLevel,
	low: shownLevel,
	high: shownLevel,
	undertone,
	lab,
	hex,
	condition: z.number(),
	chairMinutes: z.number(),
	price: z.number().optional(),
	tonerWaits: z.boolean()
});

const servicePlan = z.object({
	name: z.string(),
	also: z.array(z.string()),
	visits: z.array(plannedVisit),
	reaches: z.boolean(),
	level: shownLevel,
	levelLow: shownLevel,
	levelHigh: shownLevel,
	condition: z.number(),
	chairMinutes: z.number(),
	weeks: z.number(),
	price: z.number().optional()
});

export const planAnswer = z.object({
	plans: z.array(servicePlan),
	/** How near one gets, where the aim cannot be had. */
	nearest: servicePlan.extend({ stoppedBy: z.enum(['condition', 'visits', 'spent']) }).optional(),
	/** The hair is at the level already. */
	already: z.boolean()
});

const workSection = z
	.object({
		name: z.string().min(1).max(80),
		foils: z.number().int().min(1).max(300).optional(),
		grams: z.number().min(1).max(2000).optional(),
		minutesToApply: z.number().min(0.1).max(120),
		placement: hair.placement,
		section: hair.section.optional(),
		/** The section's own hair, where it differs. */
		hair: predictHair.optional(),
		/** Rinsed at this minute from the first brush stroke, apart from the others. */
		rinseMinute: z.number().min(0).max(300).optional(),
		fineHairline: z.boolean().optional(),
		lockedVolume: hair.volume.optional()
	})
	.refine(({ foils, grams }) => foils !== undefined || grams !== undefined, {
		message: 'give foils or grams',
		path: ['foils']
	});

export const bowlsRequest = z.object({
	/** In the order of the work. */
	sections: z.array(workSection).min(1).max(40),
	hair: predictHair,
	product: hair.product,
	ratio: hair.ratio,
	ratios: z.array(hair.ratio).max(4).optional(),
	/** Developer strengths in stock. */
	volumes: z.array(hair.volume).min(1).max(20),
	ceiling: hair.volume,
	/** Minutes from the first brush stroke to the rinse. */
	rinseAfterMinutes: z.number().min(1).max(300),
	staged: z.boolean(),
	/** Level all sections should be at; left out, the highest that all of them can reach. */
	target: hair.level.optional(),
	limitMinutes: z.number().min(10).max(120).optional(),
	lengthCm: z.number().min(1).max(150).default(30),
	density: hair.density.default('medium'),
	personal
});

export const bowlsAnswer = z.object({
	bowls: z.array(
		z.object({
			number: z.number(),
			sections: z.array(z.string()),
			volume: z.number(),
			ratio: z.number(),
			mixAtMinute: z.number(),
			usedUpMinute: z.number(),
			lightenerGrams: z.number(),
			developerGrams: z.number(),
			blend: z
				.object({
					volume: z.number(),
					parts: z.array(z.object({ volume: z.number(), grams: z.number() }))
				})
				.optional()
		})
	),
	finish: z.array(
		z.object({
			section: z.string(),
			bowl: z.number(),
			grams: z.number(),
			appliedFromMinute: z.number(),
			appliedToMinute: z.number(),
			rinseMinute: z.number(),
			rinsedFirst: z.boolean(),
			level: shownLevel,
			low: shownLevel,
			high: shownLevel,
			lab,
			hex,
			undertone,
			condition: z.number()
		})
	),
	target: shownLevel,
	spread: z.number(),
	spreadLow: z.number(),
	spreadHigh: z.number(),
	spreadUnstaged: z.number(),
	unstagedVolume: z.number(),
	shortfall: z.number(),
	/** The section that stays behind, where bowls alone do not do it. */
	behind: z.string().optional(),
	advice: z.array(
		z.object({
			what: z.string(),
			message: z.string(),
			spread: z.number(),
			shortfall: z.number()
		})
	)
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
	'POST /api/plan': { request: planRequest, answer: planAnswer },
	'POST /api/bowls': { request: bowlsRequest, answer: bowlsAnswer },
	'GET /api/health': { request: undefined, answer: healthAnswer },
	'400 and 413': { request: undefined, answer: problemAnswer }
} as const;

import { PACES, SEVERITIES, STOPPED_BY } from '../core/vocabulary';
import * as z from 'zod/mini';
import * as hair from './hair';

const lab = z.object({ l: z.number(), a: z.number(), b: z.number() });
const labInput = z.object({
	l: z.number().check(z.minimum(0), z.maximum(100)),
	a: z.number().check(z.minimum(-128), z.maximum(128)),
	b: z.number().check(z.minimum(-128), z.maximum(128))
});
const hex = z.string().check(z.regex(/^#[0-9a-f]{6}$/));
const undertone = z.object({
	name: z.string(),
	hue: z.number(),
	chroma: z.number(),
	neutraliser: z.string()
});
/** Every level in an answer is kept to the scale. */
const shownLevel = z.number().check(z.minimum(1), z.maximum(12));
const message = z.object({ code: z.string(), message: z.string() });

/** What is known of a head, as the prediction takes it. */
export const predictHair = z.object({
	naturalLevel: hair.naturalLevel,
	warmth: hair.warmth,
	texture: z._default(hair.texture, 'medium'),
	porosity: z.optional(hair.porosity),
	condition: z._default(hair.condition, 100),
	presentLevel: z.optional(hair.level),
	artificial: z.optional(z.array(hair.artificialColour).check(z.maxLength(12))),
	whiteShare: z._default(hair.share, 0)
});

const personal = z.optional(z.number().check(z.minimum(0.2), z.maximum(5)));

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
					bowlAgeMinutes: z.optional(z.number().check(z.minimum(0), z.maximum(120))),
					placement: z.optional(hair.placement),
					temperatureC: z.optional(z.number().check(z.minimum(10), z.maximum(45))),
					section: z.optional(hair.section),
					damp: z.optional(z.boolean()),
					bondAdditive: z.optional(z.boolean())
				})
				.check(
					z.refine((stage) => stage.placement !== undefined || stage.temperatureC !== undefined, {
						message: 'give a placement or a temperatureC',
						path: ['placement']
					})
				)
		)
		.check(z.minLength(1), z.maxLength(12)),
	personal,
	distanceCm: z.optional(z.number().check(z.minimum(0), z.maximum(150)))
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
		z.object({ code: z.string(), severity: z.enum(SEVERITIES), message: z.string() })
	)
});

/** Hair before toning: pigment amounts, a measured colour, or a level with what is seen. */
export const rawHair = z.union([
	z.strictObject({
		E: z.number().check(z.minimum(0), z.maximum(64)),
		P: z.number().check(z.minimum(0), z.maximum(64))
	}),
	z.strictObject(labInput.shape),
	z.strictObject({ level: hair.level, undertone: z.optional(hair.undertoneName) })
]);

const grams = z.number().check(z.minimum(0), z.maximum(2000));
export const formulaPart = z.union([
	z.strictObject({ clear: z.literal(true), grams }),
	z.strictObject({
		level: hair.level,
		tone: hair.tone,
		grams,
		intensity: z.optional(hair.intensity),
		form: z.optional(hair.shadeForm)
	})
]);

export const tonePreviewRequest = z.object({
	raw: rawHair,
	parts: z.array(formulaPart).check(z.maxLength(12)),
	vehicle: hair.vehicle,
	ratio: hair.ratio,
	minutes: hair.minutes,
	porosity: z.optional(hair.porosity),
	developerVolume: z.optional(z.number().check(z.minimum(0), z.maximum(40)))
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
			keepWarmth: z.optional(hair.share)
		}),
		z.strictObject(labInput.shape)
	]),
	shelf: z
		.array(
			z.object({
				id: z.string().check(z.minLength(1), z.maxLength(80)),
				level: hair.level,
				tone: hair.tone,
				vehicle: hair.vehicle,
				intensity: z.optional(hair.intensity),
				form: z.optional(hair.shadeForm)
			})
		)
		.check(z.maxLength(200)),
	vehicle: hair.vehicle,
	totalGrams: z.int().check(z.minimum(1), z.maximum(1000)),
	ratio: z.optional(hair.ratio),
	minutes: z.optional(hair.minutes),
	maxShades: z.optional(z.int().check(z.minimum(1), z.maximum(3)))
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
			/** It would serve until the hair is lifted further, which is the answer that stands first. */
			untilLifted: z.optional(z.boolean()),
			ifLeftLonger: z.object({ lab, hex, warnings: z.array(message) })
		})
	),
	needLevel: z.optional(z.number())
});

export const planRequest = z.object({
	hair: predictHair,
	/** The level to finish at; `liftPast` levels are lifted beyond it to give the toner room. */
	target: z.object({
		level: hair.level,
		direction: z.optional(hair.direction),
		keepWarmth: z.optional(hair.share),
		liftPast: z._default(z.number().check(z.minimum(0), z.maximum(3)), 0)
	}),
	constraints: z._default(
		z.object({
			pace: z.optional(z.enum(PACES)),
			scalp: z.optional(z.boolean()),
			maxVolume: z.optional(z.number().check(z.minimum(10), z.maximum(40))),
			ceilings: z.optional(hair.ceilings),
			maxVisits: z.optional(z.int().check(z.minimum(1), z.maximum(8))),
			restWeeks: z.optional(z.number().check(z.minimum(0), z.maximum(52))),
			minCondition: z.optional(hair.condition),
			limitMinutes: z.optional(z.number().check(z.minimum(10), z.maximum(120))),
			workMinutes: z.optional(z.number().check(z.minimum(1), z.maximum(300))),
			rates: z.optional(
				z.object({
					perHour: z.number().check(z.minimum(0)),
					perApplication: z.number().check(z.minimum(0))
				})
			)
		}),
		{}
	),
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
	/** What each application leaves. */
	after: z.array(z.object({ level: shownLevel, condition: z.number() })),
	level: shownLevel,
	low: shownLevel,
	high: shownLevel,
	undertone,
	lab,
	hex,
	condition: z.number(),
	chairMinutes: z.number(),
	price: z.optional(z.number()),
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
	price: z.optional(z.number())
});

export const planAnswer = z.object({
	plans: z.array(servicePlan),
	/** How near one gets, where the aim cannot be had. */
	nearest: z.optional(z.extend(servicePlan, { stoppedBy: z.enum(STOPPED_BY) })),
	/** The hair is at the level already. */
	already: z.boolean()
});

const workSection = z
	.object({
		name: z.string().check(z.minLength(1), z.maxLength(80)),
		foils: z.optional(z.int().check(z.minimum(1), z.maximum(300))),
		grams: z.optional(z.number().check(z.minimum(1), z.maximum(2000))),
		minutesToApply: z.number().check(z.minimum(0.1), z.maximum(120)),
		placement: hair.placement,
		section: z.optional(hair.section),
		/** The section's own hair, where it differs. */
		hair: z.optional(predictHair),
		/** Rinsed at this minute from the first brush stroke, apart from the others. */
		rinseMinute: z.optional(z.number().check(z.minimum(0), z.maximum(300))),
		fineHairline: z.optional(z.boolean()),
		lockedVolume: z.optional(hair.volume)
	})
	.check(
		z.refine(({ foils, grams }) => foils !== undefined || grams !== undefined, {
			message: 'give foils or grams',
			path: ['foils']
		})
	);

export const bowlsRequest = z.object({
	/** In the order of the work. */
	sections: z.array(workSection).check(z.minLength(1), z.maxLength(40)),
	hair: predictHair,
	product: hair.product,
	ratio: hair.ratio,
	ratios: z.optional(z.array(hair.ratio).check(z.maxLength(4))),
	/** Developer strengths in stock. */
	volumes: z.array(hair.volume).check(z.minLength(1), z.maxLength(20)),
	ceiling: hair.volume,
	/** Minutes from the first brush stroke to the rinse. */
	rinseAfterMinutes: z.number().check(z.minimum(1), z.maximum(300)),
	staged: z.boolean(),
	/** Level all sections should be at; left out, the highest that all of them can reach. */
	target: z.optional(hair.level),
	limitMinutes: z.optional(z.number().check(z.minimum(10), z.maximum(120))),
	lengthCm: z._default(z.number().check(z.minimum(1), z.maximum(150)), 30),
	density: z._default(hair.density, 'medium'),
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
			blend: z.optional(
				z.object({
					volume: z.number(),
					parts: z.array(z.object({ volume: z.number(), grams: z.number() }))
				})
			)
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
	behind: z.optional(z.string()),
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

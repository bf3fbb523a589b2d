import { NEUTRAL_WARMTH } from '../colour';

/** Warm pigment per brown-black pigment, `w = P/E`, of natural hair. Fitted to swatches. */
export const WARMTH = {
	ash: 0.03,
	neutral: NEUTRAL_WARMTH,
	golden: 0.35,
	copper: 1,
	red: 2
} as const;

/** How eumelanin turns into warm residue as it is lightened, and how fast that residue goes. */
export const RESIDUE = { formed: 0.3, lost: 0.26 } as const;

/** Speed factor of lift by diameter of the hair: coarse hair holds more pigment at equal colour. */
export const TEXTURE_SPEED = { fine: 1.2, medium: 1, coarse: 0.82 } as const;

/** Wear factor by diameter of the hair: fine hair breaks sooner. */
export const TEXTURE_WEAR = { fine: 1.25, medium: 1, coarse: 0.85 } as const;

/** Growth of scalp hair, cm a month: the trade's everyday figure. */
export const GROWTH_CM_PER_MONTH = 1.25;

/** Weeks in a month of the mean year. */
export const WEEKS_PER_MONTH = 365.25 / 12 / 7;

/**
 * What a history costs the condition index before today, as log loss per event. Planning values by
 * reason: one earlier lightening costs about what the wear model gives for five levels (0.12).
 */
export const HISTORY_WEAR = { lightened: 0.12, relaxer: 0.22, perm: 0.12, heat: 0.08 } as const;

/** The stretch test on wet hair: springs back, returns slowly, or does not return. */
export const STRETCH_WEAR = { springs: 0, slow: 0.18, limp: 0.55 } as const;

/** How wet hair feels between two fingers, drawn from tip to root: smooth, rough, or gummy. */
export const FEEL_WEAR = { smooth: 0, rough: 0.12, gummy: 0.6 } as const;

/** What the ends have beyond the lengths. */
export const ENDS_WEAR = { sound: 0, dry: 0.15, splitting: 0.5 } as const;

/**
 * Lower ends of the bands of the condition index, 0-100. Nothing is planned that leaves hair under `watch`; under
 * `fragile` it holds little of a toner and bears nothing more today (reasoned; a planning index, not a measurement).
 */
export const CONDITION_FROM = { sound: 75, watch: 55, fragile: 40 } as const;

/** Condition bands shown to people: lower end of each, on the 0-100 planning index. */
export const CONDITION_BANDS = [
	{ from: CONDITION_FROM.sound, name: 'sound' },
	{ from: CONDITION_FROM.watch, name: 'watch' },
	{ from: CONDITION_FROM.fragile, name: 'fragile' },
	{ from: 0, name: 'stop' }
] as const;

/** Nobody sees a step of less between two levels, nor tells it from what was expected: finer no eye reads (reasoned). */
export const LEAST_SEEN_STEP = 0.25;

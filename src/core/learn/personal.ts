import { LEARN } from './constants';

/** What is known of a client's personal factor: the rate of the lift against typical, as its log. */
export interface Personal {
	/** Mean of log(personal); 0 for typical. */
	readonly mean: number;
	/** Standard deviation of log(personal). */
	readonly sd: number;
}

/** A level seen at a known minute, with what the model says of it for any personal factor. */
export interface Observation {
	readonly seen: number;
	/** Level expected with this factor on the rate (1 is typical); must not fall as it rises. */
	readonly expectedAt: (factor: number) => number;
}

/** Nobody has been seen yet. */
export const UNKNOWN_CLIENT: Personal = { mean: 0, sd: LEARN.priorSd };

/**
 * Updates what is known by Bayes on a grid of log(personal): the prior normal, each reading normal
 * around the level expected, with the error of an eye. Saturated readings (a level that no factor
 * changes) teach nothing, as they should.
 */
export function learn(
	observations: readonly Observation[],
	prior: Personal = UNKNOWN_CLIENT
): Personal {
	if (observations.length === 0) return prior;
	const { gridSpan, gridSteps, readingSd } = LEARN;
	let total = 0;
	let first = 0;
	let second = 0;
	// Log weights relative to the largest, so that many readings do not run out of numbers.
	const points = Array.from({ length: gridSteps }, (_, i) => {
		const z = gridSpan * ((2 * i) / (gridSteps - 1) - 1);
		const log = prior.mean + prior.sd * z;
		const misfit = observations.reduce((sum, { seen, expectedAt }) => {
			const d = (seen - expectedAt(Math.exp(log))) / readingSd;
			return sum + d * d;
		}, 0);
		return { log, weight: -(z * z + misfit) / 2 };
	});
	const largest = Math.max(...points.map(({ weight }) => weight));
	for (const { log, weight } of points) {
		const w = Math.exp(weight - largest);
		total += w;
		first += w * log;
		second += w * log * log;
	}
	const mean = first / total;
	return { mean, sd: Math.sqrt(Math.max(1e-8, second / total - mean * mean)) };
}

/**
 * What is left of it after years without visits: mean and gain in certainty halve in a year.
 * @param prior what was known before anything was seen, and is left in the end
 */
export function fadePersonal(
	personal: Personal,
	years: number,
	prior: Personal = UNKNOWN_CLIENT
): Personal {
	const kept = Math.pow(0.5, Math.max(0, years) / LEARN.halfLifeYears);
	const priorPrecision = 1 / prior.sd ** 2;
	const gained = Math.max(0, 1 / personal.sd ** 2 - priorPrecision);
	return {
		mean: prior.mean + (personal.mean - prior.mean) * kept,
		sd: 1 / Math.sqrt(priorPrecision + gained * kept)
	};
}

/** The factor itself, 1 for typical. */
export const factorOf = ({ mean }: Personal): number => Math.exp(mean);

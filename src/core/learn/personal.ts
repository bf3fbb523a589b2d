import { LEARN } from './constants';

/** What is known of a client's personal factor: the rate of the lift against typical, as its log. */
export interface Personal {
	/** Mean of log(personal); 0 for typical. */
	readonly mean: number;
	/** Standard deviation of log(personal). */
	readonly sd: number;
}

/** Nobody has been seen yet. */
export const UNKNOWN_CLIENT: Personal = { mean: 0, sd: LEARN.priorSd };

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

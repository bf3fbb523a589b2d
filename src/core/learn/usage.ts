import { USAGE } from './constants';

/** What a past visit mixed, had left over, and should have needed without reserve, g > 0. */
export interface UsageSeen {
	readonly mixedGrams: number;
	readonly leftoverGrams: number;
	readonly neededGrams: number;
}

/**
 * How much these hands put on this head beside what is reckoned: the mean of past visits on a log scale,
 * drawn to 1 as if one visit had been typical, because one bowl left standing proves little.
 * @returns factor on grams, 0.6-1.6; 1 without a visit
 */
export function usageOf(seen: readonly UsageSeen[]): number {
	const logs = seen
		.filter(({ mixedGrams, leftoverGrams }) => mixedGrams > leftoverGrams)
		.map(({ mixedGrams, leftoverGrams, neededGrams }) =>
			Math.log((mixedGrams - leftoverGrams) / neededGrams)
		);
	const mean = logs.reduce((sum, log) => sum + log, 0) / (logs.length + USAGE.priorVisits);
	return Math.min(USAGE.most, Math.max(USAGE.least, Math.exp(mean)));
}

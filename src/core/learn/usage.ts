import { USAGE } from './constants';
import { meanFactor } from './factor';

/** What a past visit mixed, had left over, and should have needed without reserve, g > 0. */
export interface UsageSeen {
	readonly mixedGrams: number;
	readonly leftoverGrams: number;
	readonly neededGrams: number;
}

/**
 * How much these hands put on this head beside what is reckoned.
 * @returns factor on grams, 0.6-1.6; 1 without a visit
 */
export const usageOf = (seen: readonly UsageSeen[]): number =>
	meanFactor(
		seen
			.filter(({ mixedGrams, leftoverGrams }) => mixedGrams > leftoverGrams)
			.map(
				({ mixedGrams, leftoverGrams, neededGrams }) => (mixedGrams - leftoverGrams) / neededGrams
			),
		USAGE
	);

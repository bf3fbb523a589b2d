import { CONDITION_BANDS, HISTORY_WEAR, STRETCH_WEAR } from './constants';

export type ConditionBand = (typeof CONDITION_BANDS)[number]['name'];
export type Stretch = keyof typeof STRETCH_WEAR;

/** What is known of a head's past strain. Counts are of services on the hair that is still there. */
export interface Strain {
	readonly lightenings: number;
	readonly relaxer: boolean;
	readonly perm: boolean;
	readonly heatHabit: boolean;
	readonly stretch: Stretch;
}

/**
 * Condition index before the service, 0-100, 100 for untouched hair. It is an index for planning,
 * never a measured strength.
 */
export function startingCondition(strain: Strain): number {
	const wear =
		strain.lightenings * HISTORY_WEAR.lightened +
		(strain.relaxer ? HISTORY_WEAR.relaxer : 0) +
		(strain.perm ? HISTORY_WEAR.perm : 0) +
		(strain.heatHabit ? HISTORY_WEAR.heat : 0) +
		STRETCH_WEAR[strain.stretch];
	return 100 * Math.exp(-wear);
}

/** The band a person is shown for a condition index. */
export const conditionBand = (condition: number): ConditionBand =>
	(CONDITION_BANDS.find((band) => condition >= band.from) ?? CONDITION_BANDS[3]).name;

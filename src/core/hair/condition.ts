import { CONDITION_BANDS, ENDS_WEAR, FEEL_WEAR, HISTORY_WEAR, STRETCH_WEAR } from './constants';

export type ConditionBand = (typeof CONDITION_BANDS)[number]['name'];
export type Stretch = keyof typeof STRETCH_WEAR;

export type Feel = keyof typeof FEEL_WEAR;
export type Ends = keyof typeof ENDS_WEAR;

/** What is known of a head's past strain. Counts are of services on the hair that is still there. */
export interface Strain {
	readonly lightenings: number;
	readonly relaxer: boolean;
	readonly perm: boolean;
	readonly heatHabit: boolean;
	readonly stretch: Stretch;
	readonly feel: Feel;
	readonly ends: Ends;
}

/** One thing that took from the condition, with the points it took. */
export interface Strained {
	readonly cause: 'lightening' | 'relaxer' | 'perm' | 'hot tools' | 'stretch' | 'feel';
	readonly points: number;
}

/** Log loss by cause. */
const wearBy = (strain: Strain): [Strained['cause'], number][] => [
	['lightening', strain.lightenings * HISTORY_WEAR.lightened],
	['relaxer', strain.relaxer ? HISTORY_WEAR.relaxer : 0],
	['perm', strain.perm ? HISTORY_WEAR.perm : 0],
	['hot tools', strain.heatHabit ? HISTORY_WEAR.heat : 0],
	['stretch', STRETCH_WEAR[strain.stretch]],
	['feel', FEEL_WEAR[strain.feel]]
];

/**
 * Condition index before the service, 0-100, 100 for untouched hair. It is an index for planning,
 * never a measured strength.
 */
export const startingCondition = (strain: Strain): number =>
	100 * Math.exp(-wearBy(strain).reduce((sum, [, wear]) => sum + wear, 0));

/** The same for the ends, which have lived longest. */
export const endsCondition = (strain: Strain): number =>
	startingCondition(strain) * Math.exp(-ENDS_WEAR[strain.ends]);

/**
 * What took from the condition, largest first. The causes multiply, so each is given its share of the
 * log; together they are exactly what is missing to 100.
 */
export function conditionCauses(strain: Strain): Strained[] {
	const parts = wearBy(strain).filter(([, wear]) => wear > 0);
	const total = parts.reduce((sum, [, wear]) => sum + wear, 0);
	const missing = 100 - startingCondition(strain);
	return parts
		.map(([cause, wear]) => ({ cause, points: (missing * wear) / total }))
		.sort((p, q) => q.points - p.points);
}

/** The band a person is shown for a condition index. */
export const conditionBand = (condition: number): ConditionBand =>
	(CONDITION_BANDS.find((band) => condition >= band.from) ?? CONDITION_BANDS[3]).name;

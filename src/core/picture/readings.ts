import { levelOf, undertoneOf, type Lab, type Undertone } from '../colour';

/** Several readings of one piece of hair by an instrument, as one. */
export interface Readings {
	/** Median of each of L*, a* and b*: one bad placing does not pull it. */
	readonly lab: Lab;
	readonly level: number;
	/** Standard deviation of the level. */
	readonly sd: number;
	readonly undertone: Undertone;
	/** Levels between the lightest and the deepest of them. */
	readonly apart: number;
}

/** An instrument freshly calibrated tells levels to about this (reasoned, to be measured). */
const LEAST_SD = 0.1;
/** Readings further apart than this are not of one colour, levels. */
export const READINGS_APART = 0.6;
/** Standard deviation from the range of three: the mean range of three normal deviates is 1.693 σ. */
const RANGE_OF_THREE = 1.693;

const middle = (values: readonly number[]): number => {
	const sorted = [...values].sort((p, q) => p - q);
	const half = sorted.length >> 1;
	return sorted.length % 2 ? sorted[half]! : (sorted[half - 1]! + sorted[half]!) / 2;
};

/**
 * The median of readings and how sure it is.
 * @param labs one or more; three are usual
 * @returns undefined for none
 */
export function medianReading(labs: readonly Lab[]): Readings | undefined {
	if (labs.length === 0) return undefined;
	const lab: Lab = {
		l: middle(labs.map(({ l }) => l)),
		a: middle(labs.map(({ a }) => a)),
		b: middle(labs.map(({ b }) => b))
	};
	const levels = labs.map((lab) => levelOf(lab));
	const apart = Math.max(...levels) - Math.min(...levels);
	// A single reading says nothing of its own spread: it counts as if it were as far off as allowed.
	const range = labs.length === 1 ? READINGS_APART : apart;
	return {
		lab,
		level: levelOf(lab),
		sd: Math.hypot(LEAST_SD, range / RANGE_OF_THREE / Math.sqrt(labs.length)),
		undertone: undertoneOf(lab),
		apart
	};
}

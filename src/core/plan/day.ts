import type { STEP_KINDS } from '../vocabulary';
import { volumeCeiling, type Ceilings } from '../caution';
import {
	doseToLevel,
	minutesForDose,
	type Application,
	type Fibre,
	type HeadFactors,
	type Product
} from '../lift';
import { SEARCH } from './constants';

/**
 * What a further application of the day is for: taking old colour out first, lightening again what lags,
 * softening the natural root beside light hair, or anything else.
 */
export type StepKind = (typeof STEP_KINDS)[number];

/** An application as it is usual for a kind of step. */
export interface UsualStep extends Pick<Application, 'volume' | 'ratio' | 'minutes' | 'placement'> {
	readonly product: Exclude<Product, 'alkalineDemi'>;
	readonly damp: boolean;
}

/**
 * A bleach wash that takes old colour out before the first lightening. Its dampness and its shampoo are
 * counted in the product.
 */
export const removalStep = (scalp: boolean, ceilings?: Ceilings): UsualStep => {
	const placement = scalp ? 'onScalp' : 'film';
	return {
		product: 'bleachWash',
		placement,
		volume: Math.min(20, volumeCeiling('bleachWash', placement, ceilings)),
		ratio: 2,
		minutes: SEARCH.removalMinutes,
		damp: false
	};
};

/** A base break: permanent colour at 20 vol, on the natural root for a quarter of an hour. */
export const BASE_BREAK: UsualStep = {
	product: 'permanent',
	placement: 'onScalp',
	volume: 20,
	ratio: 1,
	minutes: 15,
	damp: false
};

/** Minutes an application needs to bring hair to a level: whole ones, as far as its limit allows. */
export function minutesTo(
	target: number,
	fibre: Fibre,
	application: Application,
	factors: HeadFactors,
	limitMinutes: number
): number {
	const exact = minutesForDose(application, factors, doseToLevel(fibre, target));
	return Math.max(SEARCH.leastMinutes, Math.min(limitMinutes, Math.ceil(exact ?? limitMinutes)));
}

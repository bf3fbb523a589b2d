import type { LiftPlan } from '../schema/records';
import { labelIn, PRODUCT_OPTIONS } from './words';

/** What a day of lightening is called: by what goes on, and how strong. */
export function wayName(plans: readonly LiftPlan[]): string {
	const names = plans
		.filter(({ covers }) => Object.values(covers).includes(true))
		.map(({ product, volume }) => `${labelIn(PRODUCT_OPTIONS, product)} ${volume} vol`);
	return names.length === 0 ? 'nothing' : names.join(', then ');
}

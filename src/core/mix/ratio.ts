import type { Product } from '../lift';
import { BOUNDS, factsOf, type Bound } from '../vocabulary';
import { CONSISTENCY } from './constants';

/** How a ratio feels in the bowl. */
export const consistencyOf = (ratio: number): string =>
	CONSISTENCY.find(({ upTo }) => ratio <= upTo)!.name;

/**
 * A ratio as whole parts, smallest first found: 1.5 is 2 : 3.
 * @param ratio parts of developer per part of lightener, > 0
 */
export function partsOf(ratio: number): { readonly lightener: number; readonly developer: number } {
	for (let lightener = 1; lightener <= MOST_PARTS; lightener++) {
		const developer = ratio * lightener;
		if (Math.abs(developer - Math.round(developer)) < 1e-6) {
			return { lightener, developer: Math.round(developer) };
		}
	}
	return { lightener: 1, developer: Math.round(ratio * 100) / 100 };
}
const MOST_PARTS = 8;

/** Why a ratio cannot be worked with, in words; nothing where it can. */
export function ratioFault(product: Product, ratio: number): string | undefined {
	const [least, most] = factsOf(product).ratio;
	if (ratio < least) {
		return `1 : ${ratio} stays too dry to saturate hair: use at least 1 : ${least}.`;
	}
	if (ratio > most) {
		return `1 : ${ratio} runs off the hair: use 1 : ${most} at most.`;
	}
	return undefined;
}

/** Ratios that a product can be worked with, as a dial runs. */
export function ratioBound(product: Product): Bound {
	const [min, max] = factsOf(product).ratio;
	return { min, max, step: BOUNDS.ratio.step };
}

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

/** Why a ratio cannot be worked with: too dry to saturate hair, or it runs off. */
export interface RatioFault {
	readonly fault: 'dry' | 'runs';
	/** The nearest ratio that works. */
	readonly nearest: number;
}

/** What is wrong with a ratio for a product; nothing where it can be worked with. */
export function ratioFault(product: Product, ratio: number): RatioFault | undefined {
	const [least, most] = factsOf(product).ratio;
	if (ratio < least) return { fault: 'dry', nearest: least };
	return ratio > most ? { fault: 'runs', nearest: most } : undefined;
}

/** Ratios that a product can be worked with, as a dial runs. */
export function ratioBound(product: Product): Bound {
	const [min, max] = factsOf(product).ratio;
	return { min, max, step: BOUNDS.ratio.step };
}

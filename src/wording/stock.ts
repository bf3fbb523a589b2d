import type { Product } from '../core/vocabulary';
import { labelIn, PRODUCT_OPTIONS } from './words';

type Thing =
	| { readonly kind: 'lightener'; readonly product: Product }
	| { readonly kind: 'developer'; readonly volume: number }
	| { readonly kind: 'colour'; readonly code: string; readonly line: string };

/** What a thing on the shelf is called: “Saltmarsh powder”, “20 vol”, “9V, Lantern demi”. */
export function thingWords(thing: Thing, lightenerName: string): string {
	switch (thing.kind) {
		case 'lightener':
			return `${lightenerName} ${labelIn(PRODUCT_OPTIONS, thing.product)}`;
		case 'developer':
			return `${thing.volume} vol`;
		case 'colour':
			return `${thing.code}, ${thing.line}`;
	}
}

/** Grams as people say them: 640 g, 1.2 kg. */
export const formatStock = (grams: number): string =>
	grams >= 1000 ? `${(grams / 1000).toFixed(1)} kg` : `${Math.round(grams)} g`;

/** How long something lasts. @param weeks nothing where none of it was used of late */
export function lastsWords(weeks: number | undefined): string {
	if (weeks === undefined) return 'not used of late';
	if (weeks > 52) return 'more than a year';
	return weeks < 1
		? 'less than a week'
		: `about ${Math.round(weeks)} week${Math.round(weeks) === 1 ? '' : 's'}`;
}

/** Until when it is good. @param days until then, negative where it is past; nothing where nobody said */
export function goodWords(days: number | undefined): string {
	if (days === undefined) return '';
	if (days < 0) return 'past its date';
	return days <= 30 ? `good for ${days} day${days === 1 ? '' : 's'}` : '';
}

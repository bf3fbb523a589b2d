/** One part of a mixture as it lies in the bowl, grams > 0. */
export type Poured =
	| { readonly part: 'lightener'; readonly grams: number }
	| { readonly part: 'developer'; readonly grams: number };

/** A mixture in grams. */
export interface Mixed {
	readonly lightenerGrams: number;
	readonly developerGrams: number;
}

/**
 * What the other part must weigh so that the ratio holds: for “I have 18 g left”, and for a bowl into
 * which too much of one part was poured. What lies in the bowl stays as it is; the other is whole grams.
 * @param ratio parts of developer per part of lightener, > 0
 * @throws {RangeError} without anything in the bowl, or without a ratio
 */
export function keepRatio({ part, grams }: Poured, ratio: number): Mixed {
	if (!(grams > 0) || !(ratio > 0)) throw new RangeError('grams and ratio must be above 0');
	const whole = (value: number) => Math.max(1, Math.round(value));
	return part === 'lightener'
		? { lightenerGrams: grams, developerGrams: whole(grams * ratio) }
		: { lightenerGrams: whole(grams / ratio), developerGrams: grams };
}

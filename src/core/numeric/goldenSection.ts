/** Each step keeps this share of the stretch: the golden ratio less 1. */
const KEPT = (Math.sqrt(5) - 1) / 2;

/**
 * Golden-section search: where a function with one minimum between two values has it.
 * Source: J. Kiefer, "Sequential minimax search for a maximum", Proc. AMS 4, 1953.
 * @param steps each makes the stretch 0.618 times as long
 * @returns the middle of the stretch that is left
 */
export function goldenSection(
	of: (value: number) => number,
	low: number,
	high: number,
	steps = 40
): number {
	for (let i = 0; i < steps; i++) {
		const one = high - KEPT * (high - low);
		const two = low + KEPT * (high - low);
		if (of(one) < of(two)) high = two;
		else low = one;
	}
	return (low + high) / 2;
}

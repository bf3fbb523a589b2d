/**
 * Bisection: the least value at which a condition holds that holds from some value on.
 * @param holds at `high` it must hold
 * @param tolerance > 0, in the units of the value
 * @returns a value at which it holds, at most `tolerance` above the least one
 */
export function bisect(
	holds: (value: number) => boolean,
	low: number,
	high: number,
	tolerance: number
): number {
	while (high - low > tolerance) {
		const middle = (low + high) / 2;
		// Neighbouring numbers have nothing between them.
		if (middle <= low || middle >= high) break;
		if (holds(middle)) high = middle;
		else low = middle;
	}
	return high;
}

/**
 * Root of a function that rises or falls strictly between two values of opposite sign: false position with the
 * Illinois weighting (Dowell and Jarratt, BIT 11, 1971), which keeps its bracket as bisection does and needs about a
 * quarter of its steps.
 * @param of at `low` and `high` of opposite sign, or 0
 * @param tolerance > 0, in the units of the value
 * @returns a value within `tolerance` of the root, on the side of `high`: the sign there is that at `high`, or 0
 */
export function root(
	of: (value: number) => number,
	low: number,
	high: number,
	tolerance: number
): number {
	let [a, b] = [low, high];
	let [fa, fb] = [of(a), of(b)];
	if (fa === 0) return a;
	let side = 0;
	for (let i = 0; i < MOST_STEPS && fb !== 0 && Math.abs(b - a) > tolerance; i++) {
		// Where the weighting creeps, a plain halving keeps the promise of bisection.
		const middle = i % 8 === 7 ? (a + b) / 2 : (a * fb - b * fa) / (fb - fa);
		if (middle === a || middle === b) break;
		const value = of(middle);
		if (value === 0) return middle;
		if (value > 0 === fb > 0) {
			[b, fb] = [middle, value];
			if (side === -1) fa /= 2;
			side = -1;
		} else {
			[a, fa] = [middle, value];
			if (side === 1) fb /= 2;
			side = 1;
		}
	}
	return b;
}

/** Halvings alone would come from any bracket to neighbouring numbers in so many rounds of eight. */
const MOST_STEPS = 600;

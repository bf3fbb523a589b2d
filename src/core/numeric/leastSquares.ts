type Pair = readonly [number, number];

const dot = (p: readonly number[], q: readonly number[]): number =>
	p.reduce((total, value, k) => total + value * q[k]!, 0);

/**
 * Least squares of two unknowns that are not negative, by Levenberg and Marquardt with differences for
 * derivatives. Source: D. Marquardt, SIAM J. Appl. Math. 11(2), 1963.
 * @param residuals what is left over at a pair of unknowns: as many numbers each time
 * @param start where it begins
 * @returns the pair, and the sum of squares that is left
 */
export function leastSquares(
	residuals: (at: Pair) => readonly number[],
	start: Pair
): { readonly at: Pair; readonly left: number } {
	const STEP = 1e-4;
	let at = start;
	let damping = 1e-3;
	let r = residuals(at);
	let left = dot(r, r);
	for (let i = 0; i < 40 && left >= 1e-8 && damping <= 1e9; i++) {
		const [u, v] = at;
		const slope = (moved: readonly number[]) => moved.map((value, k) => (value - r[k]!) / STEP);
		const ju = slope(residuals([u + STEP, v]));
		const jv = slope(residuals([u, v + STEP]));
		const uu = dot(ju, ju) + damping;
		const vv = dot(jv, jv) + damping;
		const uv = dot(ju, jv);
		const determinant = uu * vv - uv * uv || 1e-12;
		const next: Pair = [
			Math.max(0, u + (-dot(r, ju) * vv + dot(r, jv) * uv) / determinant),
			Math.max(0, v + (-dot(r, jv) * uu + dot(r, ju) * uv) / determinant)
		];
		const after = residuals(next);
		const sum = dot(after, after);
		if (sum < left) {
			[at, r, left] = [next, after, sum];
			damping /= 4;
		} else damping = Math.max(damping, 1e-3) * 8;
	}
	return { at, left };
}

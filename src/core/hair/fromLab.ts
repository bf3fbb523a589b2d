import { leastSquares } from '../numeric';
import type { Lab } from '../colour';
import type { Pigment } from './natural';
import { labOfPigment } from './point';

/** Where the search begins: one start would slip into a valley of its own. */
const STARTS = [
	[0.2, 0.6],
	[2, 0.5],
	[8, 2],
	[0.01, 0.2]
] as const;

/**
 * The pigment whose colour is nearest a measured one, `E, P ≥ 0`: least squares on Lab in the square roots
 * of the amounts (which keeps them positive), from several starts.
 */
export function pigmentOfLab(target: Lab): Pigment {
	const pigmentAt = ([u, v]: readonly [number, number]): Pigment => ({
		eumelanin: u * u,
		pheomelanin: v * v
	});
	const apart = (at: readonly [number, number]) => {
		const { l, a, b } = labOfPigment(pigmentAt(at));
		return [l - target.l, a - target.a, b - target.b];
	};
	const found = STARTS.map(([e, p]) => leastSquares(apart, [Math.sqrt(e), Math.sqrt(p)]));
	return pigmentAt(found.reduce((p, q) => (q.left < p.left ? q : p)).at);
}

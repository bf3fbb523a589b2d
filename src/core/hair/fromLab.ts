import type { Lab } from '../colour';
import type { Pigment } from './natural';
import { labOfPigment } from './point';

const distance = (p: Lab, q: Lab): number => (p.l - q.l) ** 2 + (p.a - q.a) ** 2 + (p.b - q.b) ** 2;

/**
 * The pigment whose colour is nearest a measured one, `E, P ≥ 0`: Gauss-Newton on Lab in the square
 * roots of the amounts (which keeps them positive), from several starts.
 */
export function pigmentOfLab(target: Lab): Pigment {
	let best: { pigment: Pigment; left: number } | undefined;
	for (const [e0, p0] of [
		[0.2, 0.6],
		[2, 0.5],
		[8, 2],
		[0.01, 0.2]
	] as const) {
		let u = Math.sqrt(e0);
		let v = Math.sqrt(p0);
		let damping = 1e-3;
		const at = (x: number, y: number): Lab =>
			labOfPigment({ eumelanin: x * x, pheomelanin: y * y });
		let lab = at(u, v);
		let left = distance(lab, target);
		for (let i = 0; i < 40; i++) {
			const h = 1e-4;
			const du = at(u + h, v);
			const dv = at(u, v + h);
			const ju = [(du.l - lab.l) / h, (du.a - lab.a) / h, (du.b - lab.b) / h] as const;
			const jv = [(dv.l - lab.l) / h, (dv.a - lab.a) / h, (dv.b - lab.b) / h] as const;
			const r = [lab.l - target.l, lab.a - target.a, lab.b - target.b] as const;
			const sum = (p: readonly number[], q: readonly number[]) =>
				p.reduce((total, value, k) => total + value * q[k]!, 0);
			const uu = sum(ju, ju) + damping;
			const vv = sum(jv, jv) + damping;
			const uv = sum(ju, jv);
			const determinant = uu * vv - uv * uv || 1e-12;
			const nu = Math.max(0, u + (-sum(r, ju) * vv + sum(r, jv) * uv) / determinant);
			const nv = Math.max(0, v + (-sum(r, jv) * uu + sum(r, ju) * uv) / determinant);
			const moved = at(nu, nv);
			const after = distance(moved, target);
			if (after < left) {
				[u, v, lab, left] = [nu, nv, moved, after];
				damping /= 4;
			} else damping = Math.max(damping, 1e-3) * 8;
			if (left < 1e-8 || damping > 1e9) break;
		}
		if (!best || left < best.left) {
			best = { pigment: { eumelanin: u * u, pheomelanin: v * v }, left };
		}
	}
	return best!.pigment;
}

import { uniformInt } from 'pure-rand/distribution/uniformInt';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';

/**
 * Point `index` of a low-discrepancy sequence in the unit cube: the additive recurrence on the
 * generalised golden ratio. Source: M. Roberts, "The Unreasonable Effectiveness of Quasirandom
 * Sequences", 2018. Each coordinate lies in (0, 1).
 * @param dimensions ≥ 1
 */
export function quasiRandom(index: number, dimensions: number): number[] {
	let phi = 2;
	for (let i = 0; i < 32; i++) phi = Math.pow(1 + phi, 1 / (dimensions + 1));
	return Array.from({ length: dimensions }, (_, axis) => {
		const value = (0.5 + (index + 1) * Math.pow(1 / phi, axis + 1)) % 1;
		return Math.min(Math.max(value, 1e-9), 1 - 1e-9);
	});
}

/**
 * Inverse of the standard normal distribution for `p` in (0, 1); relative error below 1.2e-9.
 * Source: P. J. Acklam, "An algorithm for computing the inverse normal cumulative distribution
 * function", 2003.
 */
export function normalQuantile(p: number): number {
	const a = [
		-39.69683028665376, 220.9460984245205, -275.9285104469687, 138.357751867269, -30.66479806614716,
		2.506628277459239
	] as const;
	const b = [
		-54.47609879822406, 161.5858368580409, -155.6989798598866, 66.80131188771972, -13.28068155288572
	] as const;
	const c = [
		-0.007784894002430293, -0.3223964580411365, -2.400758277161838, -2.549732539343734,
		4.374664141464968, 2.938163982698783
	] as const;
	const d = [
		0.007784695709041462, 0.3224671290700398, 2.445134137142996, 3.754408661907416
	] as const;
	const tail = (q: number) =>
		(((((c[0] * q + c[1]) * q + c[2]) * q + c[3]) * q + c[4]) * q + c[5]) /
		((((d[0] * q + d[1]) * q + d[2]) * q + d[3]) * q + 1);
	if (p < 0.02425) return tail(Math.sqrt(-2 * Math.log(p)));
	if (p > 1 - 0.02425) return -tail(Math.sqrt(-2 * Math.log(1 - p)));
	const q = p - 0.5;
	const r = q * q;
	return (
		((((((a[0] * r + a[1]) * r + a[2]) * r + a[3]) * r + a[4]) * r + a[5]) * q) /
		(((((b[0] * r + b[1]) * r + b[2]) * r + b[3]) * r + b[4]) * r + 1)
	);
}

/**
 * Share of the standard normal distribution below `z`, 0-1; absolute error below 7.5e-8. Source: Abramowitz and
 * Stegun, Handbook of Mathematical Functions, 26.2.17.
 */
export function normalShare(z: number): number {
	if (!Number.isFinite(z)) return z > 0 ? 1 : 0;
	const t = 1 / (1 + 0.2316419 * Math.abs(z));
	const series =
		t *
		(0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))));
	const tail = (Math.exp(-(z * z) / 2) / Math.sqrt(2 * Math.PI)) * series;
	return z > 0 ? 1 - tail : tail;
}

/** Any number will do, as long as it stays the same. */
const SEED = 2026;

/**
 * Standard normals, each column spread evenly over its range and shuffled with a fixed seed (Latin
 * hypercube sampling; McKay, Beckman and Conover, Technometrics 21(2), 1979). A head with eight areas
 * has too many unknowns for a plain low-discrepancy sequence, whose later axes run side by side.
 */
export function stratifiedNormals(count: number, columns: number): Float64Array[] {
	const random = xoroshiro128plus(SEED);
	return Array.from({ length: columns }, () => {
		const column = Float64Array.from({ length: count }, (_, i) =>
			normalQuantile((i + 0.5) / count)
		);
		for (let i = count - 1; i > 0; i--) {
			const j = uniformInt(random, 0, i);
			[column[i], column[j]] = [column[j]!, column[i]!];
		}
		return column;
	});
}

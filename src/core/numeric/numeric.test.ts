import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
	bisect,
	goldenSection,
	leastSquares,
	normalQuantile,
	quantile,
	quasiRandom,
	stratifiedNormals
} from '.';

describe('bisection', () => {
	it('finds where something begins, from above, to its tolerance', () => {
		fc.assert(
			fc.property(fc.double({ min: 0, max: 100, noNaN: true }), (from) => {
				const found = bisect((x) => x >= from, 0, 100, 1e-6);
				expect(found).toBeGreaterThanOrEqual(from);
				expect(found - from).toBeLessThanOrEqual(1e-6);
			})
		);
	});
	it('ends even where the tolerance is finer than numbers are', () => {
		expect(bisect((x) => x >= 1e16, 0, 2e16, 1e-9)).toBe(1e16);
	});
});

it('golden section finds the one minimum', () => {
	expect(goldenSection((x) => (x - 1.7) ** 2, -4, 9)).toBeCloseTo(1.7, 6);
	expect(goldenSection((x) => x, 2, 5)).toBeCloseTo(2, 6);
});

describe('least squares', () => {
	it('solves what can be solved', () => {
		const { at, left } = leastSquares(
			([u, v]) => [u * u + v - 11, u + v * v - 7, u * v - 6],
			[1, 1]
		);
		expect(at[0]).toBeCloseTo(3, 3);
		expect(at[1]).toBeCloseTo(2, 3);
		expect(left).toBeLessThan(1e-6);
	});
	it('goes as near as it may where the answer would be negative', () => {
		const { at, left } = leastSquares(([u, v]) => [u + 2, v - 3], [1, 1]);
		expect(at[0]).toBe(0);
		expect(at[1]).toBeCloseTo(3, 3);
		expect(left).toBeCloseTo(4, 3);
	});
});

describe('quantiles', () => {
	it('lie between neighbours, and at the ends of the list', () => {
		expect([0, 0.5, 0.75, 1].map((share) => quantile([1, 2, 4], share))).toEqual([1, 2, 3, 4]);
		expect(quantile([1, Infinity, Infinity], 0.9)).toBe(Infinity);
	});
	it('of the normal distribution are those of its tables', () => {
		expect(normalQuantile(0.5)).toBeCloseTo(0, 9);
		expect(normalQuantile(0.975)).toBeCloseTo(1.959_964, 6);
		expect(normalQuantile(0.9)).toBeCloseTo(1.281_552, 6);
		expect(normalQuantile(0.001)).toBeCloseTo(-3.090_232, 6);
	});
});

describe('sampling', () => {
	it('fills the cube evenly: no eighth of it is left out or crowded', () => {
		const eighths = new Map<string, number>();
		for (let i = 0; i < 800; i++) {
			const key = quasiRandom(i, 3)
				.map((x) => (x < 0.5 ? 0 : 1))
				.join('');
			eighths.set(key, (eighths.get(key) ?? 0) + 1);
		}
		expect(eighths.size).toBe(8);
		for (const count of eighths.values()) expect(Math.abs(count - 100)).toBeLessThan(15);
	});
	it('gives each column the same normals, in an order of its own that stays', () => {
		const [one, other] = stratifiedNormals(200, 2);
		expect([...one!].sort()).toEqual([...other!].sort());
		expect([...one!]).not.toEqual([...other!]);
		expect([...stratifiedNormals(200, 2)[1]!]).toEqual([...other!]);
		const mean = one!.reduce((sum, x) => sum + x, 0) / 200;
		expect(mean).toBeCloseTo(0, 6);
		expect(one!.reduce((sum, x) => sum + x * x, 0) / 200).toBeCloseTo(1, 1);
	});
});

import { describe, expect, it } from 'vitest';
import {
	AREA_SHARE,
	BOWL_LIFE_MINUTES,
	consistencyOf,
	mixtureGrams,
	planBowls,
	pourState,
	toleranceOf,
	workMinutes,
	type Coverage
} from '.';

const foils: Coverage = {
	technique: 'foils',
	foils: 15,
	density: 'medium',
	section: 'seeThrough',
	coveredCm: 30
};
const open: Coverage = {
	technique: 'open',
	density: 'medium',
	section: 'seeThrough',
	coveredCm: 20
};
const grams = (change: Partial<Coverage>) =>
	Math.round(mixtureGrams({ ...foils, ...change }) * 100) / 100;
const minutes = (change: Partial<Coverage>) =>
	Math.round(workMinutes({ ...foils, ...change }) * 1000) / 1000;

// Figures that a colourist works with: each stands here once, as it comes out.
describe('grams of ready mixture', () => {
	it('fifteen woven foils of 30 cm, medium hair: 105 g', () => expect(grams({})).toBe(105));
	it('half as long: a little more than half', () => expect(grams({ coveredCm: 15 })).toBe(60.31));
	it.each([
		['low', 84],
		['medium', 105],
		['high', 136.5]
	] as const)('of %s density: %d g', (density, wanted) => expect(grams({ density })).toBe(wanted));
	it.each([
		['seeThrough', 105],
		['medium', 141.75],
		['thick', 189]
	] as const)('in %s sections: %d g', (section, wanted) => expect(grams({ section })).toBe(wanted));
	it.each([
		['slice', 120.75],
		['weave', 105],
		['teased', 94.5],
		['babylight', 63]
	] as const)('picked up as %s: %d g', (picking, wanted) =>
		expect(grams({ picking })).toBe(wanted)
	);
	it('open work on 20 cm: 140 g, less what is clipped short', () => {
		expect(mixtureGrams(open)).toBe(140);
		expect(mixtureGrams({ ...open, undercut: ['nape'] })).toBeCloseTo(140 * 0.88, 9);
	});
	it('a tenth is mixed on top', () => {
		const plan = planBowls({
			grams: 100,
			minutes: 10,
			ratio: 2,
			volume: 20,
			stock: [20],
			step: 0.1
		});
		expect(plan.totalGrams).toBe(110);
		expect(plan.reserveGrams).toBe(10);
	});
});

describe('minutes of work', () => {
	it('fifteen woven foils: 13.5', () => expect(minutes({})).toBe(13.5));
	it.each([
		['slice', 11.475],
		['weave', 13.5],
		['teased', 15.525],
		['babylight', 16.875]
	] as const)('picked up as %s: %d', (picking, wanted) =>
		expect(minutes({ picking })).toBe(wanted)
	);
	it.each([
		['none', 13.5],
		['some', 14.85],
		['many', 16.2]
	] as const)('cut in layers (%s): %d', (layers, wanted) =>
		expect(minutes({ layers })).toBe(wanted)
	);
	it('open work on 20 cm: 24', () => expect(workMinutes(open)).toBe(24));
	it('no bowl is in use past twenty', () => {
		expect(BOWL_LIFE_MINUTES).toBe(20);
		const bowls = (minutes: number) =>
			planBowls({ grams: 100, minutes, ratio: 2, volume: 20, stock: [20] }).bowls.length;
		expect([19, 20, 21, 40, 41].map(bowls)).toEqual([1, 1, 2, 2, 3]);
	});
});

describe('what is usual', () => {
	it('areas share out all the hair of a head', () => {
		expect(Object.values(AREA_SHARE).reduce((sum, share) => sum + share, 0)).toBeCloseTo(1, 9);
		expect(AREA_SHARE).toMatchObject({
			nape: 0.12,
			back: 0.2,
			crown: 0.16,
			top: 0.18,
			hairline: 0.04
		});
	});
	it('a weighing is right to a twentieth, and never finer than the scale', () => {
		expect(toleranceOf(60, 1)).toBe(3);
		expect(toleranceOf(10, 1)).toBe(1);
		expect(pourState({ target: 60, poured: 50 }, 1)).toBe('under');
		expect(pourState({ target: 60, poured: 51 }, 1)).toBe('near');
		expect(pourState({ target: 60, poured: 57 }, 1)).toBe('within');
		expect(pourState({ target: 60, poured: 63 }, 1)).toBe('within');
		expect(pourState({ target: 60, poured: 63.5 }, 1)).toBe('over');
	});
	it('ratios feel as they are called', () => {
		expect([1.2, 1.25, 1.75, 2, 2.25, 2.5, 3, 3.5].map(consistencyOf)).toEqual([
			'stiff',
			'thick cream',
			'thick cream',
			'creamy',
			'creamy',
			'runny',
			'runny',
			'thin'
		]);
	});
});

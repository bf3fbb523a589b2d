import { describe, expect, it } from 'vitest';
import {
	AREA_SHARE,
	BOWL_LIFE_MINUTES,
	consistencyOf,
	mixtureGrams,
	partingCm,
	planBowls,
	pourState,
	toleranceOf,
	workMinutes,
	type Coverage
} from '.';

type Foils = Extract<Coverage, { technique: 'foils' }>;
const foils: Foils = {
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
const grams = (change: Partial<Foils>) =>
	Math.round(mixtureGrams({ ...foils, ...change }) * 100) / 100;
const minutes = (change: Partial<Foils>) =>
	Math.round(workMinutes({ ...foils, ...change }) * 1000) / 1000;

// Figures that a colourist works with: each stands here once, as it comes out.
describe('grams of ready mixture', () => {
	it('fifteen woven see-through foils of 30 cm, medium hair: 49.5 g', () =>
		expect(grams({})).toBe(49.5));
	it('half as long: a little more than half', () => expect(grams({ coveredCm: 15 })).toBe(28.43));
	it.each([
		['low', 39.6],
		['medium', 49.5],
		['high', 64.35]
	] as const)('of %s density: %d g', (density, wanted) => expect(grams({ density })).toBe(wanted));
	it.each([
		['fine', 37.13],
		['medium', 49.5],
		['coarse', 56.93]
	] as const)('of %s hair: %d g', (texture, wanted) => expect(grams({ texture })).toBe(wanted));
	it.each([
		['seeThrough', 49.5],
		['medium', 84.15],
		['thick', 118.8]
	] as const)('in %s sections: %d g', (section, wanted) => expect(grams({ section })).toBe(wanted));
	it.each([
		['slice', 56.93],
		['weave', 49.5],
		['teased', 44.55],
		['babylight', 29.7]
	] as const)('picked up as %s: %d g', (picking, wanted) =>
		expect(grams({ picking })).toBe(wanted)
	);
	it('one foil takes 0.8-1.2 g of powder see-through, 1.3-2.3 g in a medium section', () => {
		const powder = (change: Partial<Foils>) => mixtureGrams({ ...foils, foils: 1, ...change }) / 3;
		expect(powder({})).toBeCloseTo(1.1, 9);
		expect(powder({ section: 'medium' })).toBeCloseTo(1.87, 9);
		expect(powder({ section: 'medium', picking: 'slice' })).toBeLessThan(2.3);
		expect(powder({ section: 'medium', texture: 'fine' })).toBeGreaterThan(1.3);
	});
	it('a fine head of middle length in see-through foils: 70-100 g of powder', () => {
		for (const coveredCm of [25, 30, 35]) {
			const head = { ...foils, foils: 90, texture: 'fine', coveredCm } as const;
			const powder = (mixtureGrams(head) * 1.1) / 3;
			expect(powder).toBeGreaterThan(70);
			expect(powder).toBeLessThan(100);
		}
	});
	it('open work on 20 cm: 185 g, less what is clipped short', () => {
		expect(mixtureGrams(open)).toBe(185);
		expect(mixtureGrams({ ...open, undercut: ['nape'] })).toBeCloseTo(185 * 0.88, 9);
	});
	it('a retouch of two centimetres by brush: 100-150 g mixed', () => {
		expect(mixtureGrams({ ...open, coveredCm: 2 }) * 1.1).toBeCloseTo(124.3, 9);
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
	it('and stands in the last bowl: what an earlier one leaves is too old for the next', () => {
		const { bowls } = planBowls({
			grams: 90,
			minutes: 50,
			ratio: 2,
			volume: 20,
			stock: [20],
			step: 0.1
		});
		const sums = bowls.map(({ lightenerGrams, developerGrams }) => lightenerGrams + developerGrams);
		expect(sums.map((sum) => Math.round(sum))).toEqual([30, 30, 39]);
	});
});

describe('minutes of work', () => {
	it('fifteen woven see-through foils: 22', () => expect(minutes({})).toBe(22.425));
	it.each([
		['seeThrough', 19.5],
		['medium', 16.5],
		['thick', 14.25]
	] as const)('slices in %s sections: %d', (section, wanted) =>
		expect(minutes({ section, picking: 'slice' })).toBe(wanted)
	);
	it.each([
		['slice', 19.5],
		['weave', 22.425],
		['teased', 22.425],
		['babylight', 25.35]
	] as const)('picked up as %s: %d', (picking, wanted) =>
		expect(minutes({ picking })).toBe(wanted)
	);
	it.each([
		['none', 22.425],
		['some', 24.668],
		['many', 26.91]
	] as const)('cut in layers (%s): %d', (layers, wanted) =>
		expect(minutes({ layers })).toBe(wanted)
	);
	it('a full see-through head takes close to two hours, one in medium sections about one', () => {
		const head = (count: number, section: Coverage['section']) =>
			workMinutes({ ...foils, foils: count, section, picking: 'slice' });
		expect(head(90, 'seeThrough')).toBeCloseTo(117, 9);
		expect(head(56, 'medium')).toBeCloseTo(61.6, 9);
	});
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

describe('a retouch by brush', () => {
	const head = {
		technique: 'retouch',
		density: 'medium',
		section: 'seeThrough',
		coveredCm: 2
	} as const;
	const whole = { ...head, partingCm: partingCm(1, 'seeThrough') };
	it('of two centimetres takes 100-150 g and 30-45 min from see-through partings', () => {
		expect(whole.partingCm).toBeCloseTo(1033, 0);
		expect(mixtureGrams(whole)).toBeCloseTo(124, 6);
		expect(workMinutes(whole)).toBeCloseTo(41.3, 1);
	});
	it('takes as much mixture from wider partings, and less time', () => {
		const wide = { ...head, section: 'medium', partingCm: partingCm(1, 'medium') } as const;
		expect(mixtureGrams(wide)).toBeCloseTo(124, 6);
		expect(workMinutes(wide)).toBeCloseTo(24.8, 1);
	});
	it('takes its part of both where only a part is worked, and more for longer regrowth', () => {
		const half = { ...whole, partingCm: partingCm(0.5, 'seeThrough') };
		expect(mixtureGrams(half)).toBeCloseTo(62, 6);
		expect(workMinutes(half)).toBeCloseTo(20.7, 1);
		expect(mixtureGrams({ ...whole, coveredCm: 4 })).toBeCloseTo(186, 6);
	});
});

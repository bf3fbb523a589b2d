import { describe, expect, it } from 'vitest';
import { tonerGrams, type TonedHair } from './tonerGrams';

const HEAD: TonedHair = { density: 'medium', coveredCm: 30, atScalp: true, share: 1 };
const grams = (change: Partial<TonedHair>, ratio = 1.5) =>
	tonerGrams({ ...HEAD, ...change }, ratio);

describe('colour that a toner takes', () => {
	it('a medium head of 30 cm takes 32 g of colour at 1:1.5, some 80 g in all', () => {
		expect(grams({})).toBe(32);
		expect(grams({}, 2)).toBe(26);
		expect(grams({}, 1)).toBe(40);
	});
	it('longer, denser and coarser hair takes more, a part of the head its part', () => {
		expect(grams({ coveredCm: 45 })).toBe(42);
		expect(grams({ density: 'high' })).toBe(41);
		expect(grams({ texture: 'fine' })).toBe(24);
		expect(grams({ texture: 'coarse' })).toBe(36);
		expect(grams({ share: 0.5 })).toBe(16);
		expect(grams({ atScalp: false })).toBe(22);
	});
	it('never less than can be weighed', () => {
		expect(grams({ coveredCm: 3, share: 0.1 })).toBe(10);
	});
});

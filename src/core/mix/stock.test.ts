import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { stockLeft } from '.';

const tub = { grams: 900, packGrams: 500, leastGrams: 400 };

describe('what is left on the shelf', () => {
	it('counts down by what was weighed', () => {
		expect(stockLeft(tub, 250, 50)).toEqual({ grams: 650, miscounted: false, packs: 0, weeks: 13 });
		expect(stockLeft(tub, 0, 0).weeks).toBeUndefined();
	});
	it('is bought again below the least, in whole packs, up to twice the least', () => {
		expect(stockLeft(tub, 500, 50).packs).toBe(0);
		// 399 g are left of 800 wanted.
		expect(stockLeft(tub, 501, 50).packs).toBe(1);
		expect(stockLeft(tub, 900, 50).packs).toBe(2);
		expect(stockLeft({ grams: 10, packGrams: 60 }, 10, 1).packs).toBe(0);
	});
	it('is never less than nothing, and says when more was weighed than was counted', () => {
		expect(stockLeft(tub, 930, 50)).toMatchObject({ grams: 0, miscounted: false });
		expect(stockLeft(tub, 1000, 50)).toMatchObject({ grams: 0, miscounted: true });
	});
	it('what is bought always brings it to the least', () => {
		const grams = fc.double({ min: 0, max: 5000, noNaN: true });
		fc.assert(
			fc.property(
				grams,
				grams,
				grams,
				fc.double({ min: 20, max: 1000, noNaN: true }),
				(counted, used, leastGrams, packGrams) => {
					const left = stockLeft({ grams: counted, packGrams, leastGrams }, used, 0);
					expect(left.grams + left.packs * packGrams).toBeGreaterThanOrEqual(leastGrams - 1e-9);
				}
			)
		);
	});
});

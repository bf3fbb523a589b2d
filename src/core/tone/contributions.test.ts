import { describe, expect, it } from 'vitest';
import { contributions, depositOf, DYE_NAMES, type DepositConditions } from '.';

const CONDITIONS: DepositConditions = { vehicle: 'demi', ratio: 2, minutes: 20 };
const PALE = { eumelanin: 0.05, pheomelanin: 0.1 };

describe('what each part of a formula lays down', () => {
	it('adds up to one, in the order of the parts; clear lays nothing down', () => {
		const parts = [
			{ level: 9, tone: 'V', grams: 20 },
			{ level: 6, tone: 'N', grams: 5 },
			{ clear: true as const, grams: 10 }
		];
		const told = contributions(parts, PALE, CONDITIONS);
		expect(told).toHaveLength(3);
		expect(told.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 9);
		expect(told[2]).toEqual({ share: 0, dyes: [] });
		expect(told[0]!.dyes[0]!.dye).toBe('violet');
		expect(told[1]!.dyes[0]!.dye).toBe('brown');
		// The deeper tube lays down more than its grams say.
		expect(told[1]!.share).toBeGreaterThan(5 / 35);
	});
	it('is what the formula as a whole lays down', () => {
		const parts = [
			{ level: 8, tone: 'BV', grams: 12 },
			{ level: 9, tone: 'G', grams: 6 }
		];
		const whole = depositOf(parts, PALE, CONDITIONS);
		const all = DYE_NAMES.reduce((sum, name) => sum + (whole[name] ?? 0), 0);
		const alone = depositOf([parts[0]!, { clear: true, grams: 6 }], PALE, CONDITIONS);
		const own = DYE_NAMES.reduce((sum, name) => sum + (alone[name] ?? 0), 0);
		expect(contributions(parts, PALE, CONDITIONS)[0]!.share).toBeCloseTo(own / all, 9);
	});
	it('of nothing is nothing', () => {
		expect(contributions([], PALE, CONDITIONS)).toEqual([]);
		expect(contributions([{ clear: true, grams: 0 }], PALE, CONDITIONS)[0]!.share).toBe(0);
	});
});

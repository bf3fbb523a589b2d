import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { deltaE } from '../colour';
import { addDyes } from './dyes';
import { depositOf, type FormulaPart } from './formula';
import { meltShares, reachShare, type Reaching } from './melt';
import { rawLab } from './preview';

const LENGTH = 40;
const ROOT: Reaching = { from: 'scalp', cm: 4 };
const MIDDLE: Reaching = { from: 'scalp', cm: 14 };
const TIPS: Reaching = { from: 'tips', cm: 5 };

describe('toners that run into one another', () => {
	it('cover what they reach, then run out over 0.8 of it, a centimetre at the least', () => {
		expect(reachShare(4, 4)).toBe(1);
		expect(reachShare(4 + 1.6, 4)).toBeCloseTo(0.5, 9);
		expect(reachShare(7.2, 4)).toBe(0);
		expect(reachShare(1.5, 0.5)).toBe(0);
		expect(reachShare(1, 0.5)).toBeCloseTo(0.5, 9);
	});
	it('their shares come to one everywhere, none below nothing', () => {
		const reach = fc.record({
			from: fc.constantFrom('scalp' as const, 'tips' as const),
			cm: fc.double({ min: 0.5, max: 40, noNaN: true })
		});
		fc.assert(
			fc.property(
				fc.double({ min: 0, max: LENGTH, noNaN: true }),
				fc.array(reach, { maxLength: 4 }),
				(cm, reaching) => {
					const shares = meltShares(cm, LENGTH, reaching);
					expect(shares).toHaveLength(reaching.length + 1);
					expect(Math.min(...shares)).toBeGreaterThanOrEqual(0);
					expect(shares.reduce((sum, share) => sum + share, 0)).toBeCloseTo(1, 9);
				}
			)
		);
	});
	it('what reaches less far lies over what reaches further, in whichever order they were put there', () => {
		expect(meltShares(2, LENGTH, [ROOT, MIDDLE])).toEqual([1, 0, 0]);
		expect(meltShares(2, LENGTH, [MIDDLE, ROOT])).toEqual([0, 1, 0]);
		expect(meltShares(10, LENGTH, [ROOT, MIDDLE])).toEqual([0, 1, 0]);
		expect(meltShares(30, LENGTH, [ROOT, MIDDLE, TIPS])).toEqual([0, 0, 0, 1]);
		expect(meltShares(39, LENGTH, [ROOT, MIDDLE, TIPS])).toEqual([0, 0, 1, 0]);
	});
	it('the colour of a melt has no step: it changes with the distance, and nowhere at once', () => {
		const conditions = { vehicle: 'demi', ratio: 2, minutes: 20 } as const;
		const pale = { eumelanin: 0.02, pheomelanin: 0.5 };
		const shade = (level: number, tone: string): FormulaPart[] => [{ level, tone, grams: 30 }];
		const dyes = [shade(4, 'N'), shade(6, 'NA'), shade(9, 'V')].map((formula) =>
			depositOf(formula, pale, conditions)
		);
		const labAt = (cm: number) =>
			rawLab({
				pigment: pale,
				dye: meltShares(cm, LENGTH, [ROOT, MIDDLE]).reduce(
					(sum, share, i) => addDyes(sum, dyes[i]!, share),
					{}
				)
			});
		const largest = (stepCm: number) => {
			let most = 0;
			for (let cm = 0; cm + stepCm <= LENGTH; cm += stepCm)
				most = Math.max(most, deltaE(labAt(cm), labAt(cm + stepCm)));
			return most;
		};
		// A line would stay as large however near one looks; a run halves.
		expect(largest(0.5)).toBeLessThan(16);
		expect(largest(0.125) / largest(0.5)).toBeLessThan(0.35);
		expect(deltaE(labAt(0), labAt(LENGTH))).toBeGreaterThan(30);
	});
});

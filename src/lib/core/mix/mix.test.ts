import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { AREAS } from '../lift';
import {
	keepRatio,
	blendDeveloper,
	blendStrength,
	consistencyOf,
	mixtureGrams,
	planBowls,
	splitByRatio,
	type Coverage
} from '.';

const foils: Coverage = {
	technique: 'foils',
	foils: 40,
	density: 'medium',
	section: 'seeThrough',
	coveredCm: 30
};

describe('developer blends', () => {
	it('follows the Pearson square', () => {
		expect(blendDeveloper(25, 80, [20, 40])?.parts).toEqual([
			{ volume: 20, grams: 60 },
			{ volume: 40, grams: 20 }
		]);
	});
	it('uses a stocked strength alone, and says when stock cannot reach', () => {
		expect(blendDeveloper(20, 55, [10, 20, 40])?.parts).toEqual([{ volume: 20, grams: 55 }]);
		expect(blendDeveloper(50, 55, [10, 20, 40])).toBeUndefined();
		expect(blendDeveloper(5, 55, [10, 20])).toBeUndefined();
		expect(blendDeveloper(20, 55, [])).toBeUndefined();
	});
	it('adds up to the weight asked for and comes within a gram of the strength', () => {
		fc.assert(
			fc.property(
				fc.double({ min: 5, max: 40, noNaN: true }),
				fc.integer({ min: 1, max: 500 }),
				(volume, grams) => {
					const stock = [5, 10, 20, 30, 40];
					const blend = blendDeveloper(volume, grams, stock)!;
					expect(blend.parts.reduce((sum, part) => sum + part.grams, 0)).toBe(grams);
					expect(Math.abs(blend.volume - volume)).toBeLessThanOrEqual(5 / grams + 1e-9);
					expect(blendStrength(blend.parts)).toBeCloseTo(blend.volume, 9);
				}
			)
		);
	});
	it('has no strength without weight', () => {
		expect(blendStrength([])).toBe(0);
	});
});

describe('what is in the bowl', () => {
	it('keeps the ratio, whichever part was poured, and pours nothing away', () => {
		expect(keepRatio({ part: 'lightener', grams: 18 }, 2)).toEqual({
			lightenerGrams: 18,
			developerGrams: 36
		});
		expect(keepRatio({ part: 'developer', grams: 80 }, 2)).toEqual({
			lightenerGrams: 40,
			developerGrams: 80
		});
		fc.assert(
			fc.property(
				fc.integer({ min: 10, max: 500 }),
				fc.double({ min: 0.5, max: 4, noNaN: true }),
				fc.constantFrom('lightener' as const, 'developer' as const),
				(grams, ratio, part) => {
					const { lightenerGrams, developerGrams } = keepRatio({ part, grams }, ratio);
					expect(part === 'lightener' ? lightenerGrams : developerGrams).toBe(grams);
					// Whole grams: the added part is at most half a gram off.
					const wanted = part === 'lightener' ? grams * ratio : grams / ratio;
					const added = part === 'lightener' ? developerGrams : lightenerGrams;
					expect(Math.abs(added - wanted)).toBeLessThanOrEqual(0.5 + 1e-9);
				}
			)
		);
	});
	it('refuses an empty bowl and a ratio that is none', () => {
		expect(() => keepRatio({ part: 'lightener', grams: 0 }, 2)).toThrow(RangeError);
		expect(() => keepRatio({ part: 'developer', grams: 10 }, NaN)).toThrow(RangeError);
	});
});

describe('bowls', () => {
	it('add up, keep the ratio within a gram, and hold at least what the hair needs', () => {
		fc.assert(
			fc.property(
				fc.integer({ min: 1, max: 150 }),
				fc.constantFrom(1, 1.5, 2, 3),
				fc.double({ min: 2, max: 70, noNaN: true }),
				(count, ratio, coveredCm) => {
					const coverage: Coverage = { ...foils, foils: count, coveredCm };
					const plan = planBowls(coverage, ratio, 25, [20, 30]);
					const sum = plan.bowls.reduce(
						(total, bowl) => total + bowl.lightenerGrams + bowl.developerGrams,
						0
					);
					expect(sum).toBe(plan.totalGrams);
					expect(plan.totalGrams).toBeGreaterThanOrEqual(mixtureGrams(coverage) * 0.999);
					for (const bowl of plan.bowls) {
						expect(Math.abs(bowl.developerGrams - bowl.lightenerGrams * ratio)).toBeLessThanOrEqual(
							0.5
						);
						expect(bowl.blend!.parts.reduce((total, part) => total + part.grams, 0)).toBe(
							bowl.developerGrams
						);
					}
				}
			)
		);
	});
	it('serve every foil once, in order, none longer than twenty minutes', () => {
		const { bowls, workMinutes } = planBowls(foils, 2, 20, [20]);
		let next = 1;
		for (const bowl of bowls) {
			expect(bowl.foils!.from).toBe(next);
			next = bowl.foils!.to + 1;
		}
		expect(next).toBe(41);
		expect(workMinutes / bowls.length).toBeLessThanOrEqual(20);
	});
	it('need more for dense, long or thickly sectioned hair', () => {
		const grams = mixtureGrams(foils);
		expect(mixtureGrams({ ...foils, density: 'high' })).toBeGreaterThan(grams);
		expect(mixtureGrams({ ...foils, coveredCm: 50 })).toBeGreaterThan(grams);
		expect(mixtureGrams({ ...foils, section: 'thick' })).toBeGreaterThan(grams);
	});
	it('split a small amount without losing either part', () => {
		expect(splitByRatio(1, 3)).toEqual({ lightenerGrams: 1, developerGrams: 3 });
	});
	it('name how a ratio feels', () => {
		expect([1, 1.5, 2, 3, 4].map(consistencyOf)).toEqual([
			'stiff',
			'thick cream',
			'creamy',
			'runny',
			'thin'
		]);
	});
});

describe('the haircut', () => {
	const open = { technique: 'open', density: 'medium', section: 'medium', coveredCm: 20 } as const;
	const foils = { ...open, technique: 'foils', foils: 40 } as const;
	const plan = (coverage: Parameters<typeof planBowls>[0]) => planBowls(coverage, 2, 20, [20]);
	it('leaves out of open work what is clipped short, and lets foils be counted by hand', () => {
		const undercut = ['nape', 'leftSide', 'rightSide'] as const;
		expect(plan({ ...open, undercut }).totalGrams).toBeLessThan(plan(open).totalGrams * 0.7);
		expect(plan({ ...foils, undercut }).totalGrams).toBe(plan(foils).totalGrams);
		expect(plan({ ...open, undercut: AREAS }).totalGrams).toBeLessThan(5);
	});
	it('takes longer in layers', () => {
		const minutes = (['none', 'some', 'many'] as const).map(
			(layers) => plan({ ...foils, layers }).workMinutes
		);
		expect(minutes).toEqual([...minutes].sort((p, q) => p - q));
		expect(minutes[2]).toBeGreaterThan(minutes[0]!);
	});
});

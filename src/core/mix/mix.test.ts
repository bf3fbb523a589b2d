import { type MixtureNeed } from './bowls';
import { AREAS } from '../vocabulary';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';

import {
	keepRatio,
	blendDeveloper,
	blendStrength,
	afterOverPour,
	consistencyOf,
	mixtureGrams,
	partsOf,
	planBowls,
	pourState,
	ratioFault,
	shareOut,
	splitByRatio,
	toleranceOf,
	workMinutes,
	type Coverage
} from '.';

const foils: Coverage = {
	technique: 'foils',
	foils: 40,
	density: 'medium',
	section: 'seeThrough',
	coveredCm: 30
};

const bowlsFor = (coverage: Coverage, change: Partial<MixtureNeed> = {}) =>
	planBowls({
		grams: mixtureGrams(coverage),
		minutes: workMinutes(coverage),
		ratio: 2,
		volume: 20,
		stock: [20],
		...change
	});

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
					const plan = bowlsFor(coverage, { ratio, volume: 25, stock: [20, 30] });
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
	it('are used up within twenty minutes each, and mixed one after the other', () => {
		const { bowls, workMinutes } = bowlsFor(foils);
		expect(workMinutes / bowls.length).toBeLessThanOrEqual(20);
		const mixed = bowls.map(({ mixAtMinute }) => mixAtMinute);
		expect(mixed).toEqual([...new Set(mixed)].sort((p, q) => p - q));
		expect(mixed[0]).toBe(0);
	});
	it('are weighed in steps of the scale, and still add up', () => {
		fc.assert(
			fc.property(
				fc.constantFrom(0.1, 0.5, 1, 2, 5),
				fc.double({ min: 5, max: 600, noNaN: true }),
				fc.constantFrom(1, 1.5, 2, 2.5, 3),
				(step, grams, ratio) => {
					const { lightenerGrams, developerGrams } = splitByRatio(grams, ratio, step);
					const whole = (value: number) => Math.abs(value / step - Math.round(value / step));
					expect(whole(lightenerGrams)).toBeLessThan(1e-6);
					expect(whole(developerGrams)).toBeLessThan(1e-6);
					expect(Math.abs(developerGrams - lightenerGrams * ratio)).toBeLessThanOrEqual(
						step / 2 + 1e-6
					);
					const blend = blendDeveloper(25, developerGrams, [20, 30], step)!;
					expect(blend.parts.reduce((sum, part) => sum + part.grams, 0)).toBeCloseTo(
						developerGrams,
						6
					);
				}
			)
		);
	});
	it('need more for dense, long or thickly sectioned hair', () => {
		const grams = mixtureGrams(foils);
		expect(mixtureGrams({ ...foils, density: 'high' })).toBeGreaterThan(grams);
		expect(mixtureGrams({ ...foils, coveredCm: 50 })).toBeGreaterThan(grams);
		expect(mixtureGrams({ ...foils, section: 'thick' })).toBeGreaterThan(grams);
	});
	it('split a small amount without losing either part', () => {
		expect(splitByRatio(1, 3)).toEqual({ lightenerGrams: 1, developerGrams: 3 });
		// Thirds that cannot be weighed come together again.
		expect(shareOut(20, [1, 1, 1], 1)).toEqual([6, 7, 7]);
		expect(shareOut(30, [2, 1], 0.5)).toEqual([20, 10]);
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
	it('tell a ratio in whole parts, and which cannot be worked with', () => {
		expect([1, 1.5, 2, 1.25, 0.5].map(partsOf)).toEqual([
			{ lightener: 1, developer: 1 },
			{ lightener: 2, developer: 3 },
			{ lightener: 1, developer: 2 },
			{ lightener: 4, developer: 5 },
			{ lightener: 2, developer: 1 }
		]);
		expect(ratioFault('powder', 2)).toBeUndefined();
		expect(ratioFault('powder', 0.5)).toEqual({ fault: 'dry', nearest: 1 });
		expect(ratioFault('permanent', 3)).toEqual({ fault: 'runs', nearest: 2 });
	});
});

describe('pouring', () => {
	const recipe = (...poured: number[]) =>
		[30, 60, 3].map((target, i) => ({ target, poured: poured[i] ?? 0 }));
	it('is within, near, under or over its target; a gram or two in thirty does not matter', () => {
		const states = [0, 10, 27, 29, 31, 33].map((poured) => pourState({ target: 30, poured }, 1));
		expect(states).toEqual(['empty', 'under', 'near', 'within', 'within', 'over']);
		expect(toleranceOf(30, 1)).toBe(2);
		expect(toleranceOf(4, 5)).toBe(5);
	});
	it('asks for nothing new while nothing is over', () => {
		expect(afterOverPour(recipe(31, 59), 1)).toEqual([30, 60, 3]);
	});
	it('brings the ratio back with the smallest mixture that holds what lies in the bowl', () => {
		expect(afterOverPour(recipe(30, 90), 1)).toEqual([45, 90, 5]);
		fc.assert(
			fc.property(
				fc.array(fc.integer({ min: 0, max: 200 }), { minLength: 3, maxLength: 3 }),
				(poured) => {
					const parts = recipe(...poured);
					const mended = afterOverPour(parts, 1);
					mended.forEach((target, i) => {
						// Nothing has to be taken out again, and the proportions hold to the gram.
						const state = pourState({ target, poured: poured[i]! }, 1);
						expect(state).not.toBe('over');
						expect(Math.abs(target - (mended[0]! * parts[i]!.target) / 30)).toBeLessThanOrEqual(
							1.5
						);
					});
				}
			)
		);
	});
});

describe('the haircut', () => {
	const open = { technique: 'open', density: 'medium', section: 'medium', coveredCm: 20 } as const;
	const foils = { ...open, technique: 'foils', foils: 40 } as const;
	const plan = bowlsFor;
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

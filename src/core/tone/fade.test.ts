import { describe, expect, it } from 'vitest';
import { fadeByWeek, laidAtHome, weeksWorn, type WashHabit } from './fade';

const RAW = { pigment: { eumelanin: 0.02, pheomelanin: 0.55 } };
const PARTS = [{ level: 9, tone: 'V', grams: 30 }];
const DEMI = { vehicle: 'demi', ratio: 2, minutes: 20 } as const;
const weeks = (habit: WashHabit) => fadeByWeek(RAW, PARTS, DEMI, habit, 12);

describe('how a toner is lived with', () => {
	it('soft and hard water colour nothing; iron warms and copper greens, with every wash', () => {
		const at = (water: WashHabit['water'], washesPerWeek = 3) =>
			laidAtHome({ washesPerWeek, water }, 10);
		expect(at('soft')).toEqual({});
		expect(at('hard')).toEqual({});
		expect(at('copper').green).toBeCloseTo(0.003 * 30, 9);
		expect(at('copper', 1.5).green).toBeCloseTo(at('copper').green! / 2, 9);
		// Hair is full of it after a while.
		expect(at('copper', 30).green).toBeCloseTo(0.003 * 40, 9);
		expect(at('iron').orange).toBeCloseTo(0.06, 9);
		expect(at('iron').yellow).toBeCloseTo(0.06, 9);
		const last = (water: WashHabit['water']) => weeks({ washesPerWeek: 3, water }).at(-1)!.lab;
		expect(last('copper').a).toBeLessThan(last('soft').a - 2);
		expect(last('iron').b).toBeGreaterThan(last('soft').b + 1);
	});
	it('a blue shampoo lays blue, a violet one violet; neither without use', () => {
		expect(laidAtHome({ washesPerWeek: 3 }, 8)).toEqual({});
		const blue = laidAtHome({ washesPerWeek: 3, bluePerWeek: 1 }, 8);
		expect(blue.violet).toBeUndefined();
		expect(blue.blue).toBeGreaterThan(0.03);
		// It washes out between, so that it never piles up to eight uses.
		expect(blue.blue).toBeLessThan(8 * 0.03);
	});
	it('a gloss brings the tone back every so many weeks', () => {
		expect([0, 3, 4, 7, 8].map((week) => weeksWorn({ glossWeeks: 4 }, week))).toEqual([
			0, 3, 0, 3, 0
		]);
		expect(weeksWorn({}, 7)).toBe(7);
		const glossed = weeks({ washesPerWeek: 3, glossWeeks: 4 });
		const plain = weeks({ washesPerWeek: 3 });
		expect(glossed[8]!.left).toBe(1);
		expect(glossed[8]!.lab).toEqual(plain[0]!.lab);
		expect(glossed[7]!.left).toBeCloseTo(plain[3]!.left, 9);
	});
	it('each week tells what is left of each dye: blue outlasts violet', () => {
		const mixed = [{ level: 9, tone: 'BV', grams: 30 }];
		const fade = fadeByWeek(RAW, mixed, DEMI, { washesPerWeek: 3 }, 8);
		const share = (dye: 'blue' | 'violet') => fade[8]!.dyes[dye]! / fade[0]!.dyes[dye]!;
		expect(share('blue')).toBeGreaterThan(share('violet') + 0.05);
	});
});

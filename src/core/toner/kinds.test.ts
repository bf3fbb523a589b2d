import { describe, expect, it } from 'vitest';
import { levelOf } from '../colour';
import { pigmentOnPath } from '../lift';
import { rawLab, targetLab, type DepositConditions } from '../tone';
import { findToner } from './findToner';
import { kindsOf } from './kinds';
import type { ShelfShade } from './search';

const CONDITIONS: DepositConditions = { vehicle: 'demi', ratio: 2, minutes: 20 };
const HABIT = { washesPerWeek: 3 };
const shelf = ['N', 'V', 'B', 'G', 'A'].flatMap((tone) =>
	[6, 7, 8, 9, 10].map((level): ShelfShade => ({
		id: `${level}${tone}`,
		level,
		tone,
		vehicle: 'demi'
	}))
);
/** What is found for hair lifted to a level, for an aim of another depth. */
function found(lifted: number, aim: number) {
	const fibre = { ...pigmentOnPath(4, 'neutral', lifted), layers: [] };
	const raw = { pigment: fibre };
	const target = targetLab({ level: aim, direction: 'beige', keepWarmth: 1 / 3 }, rawLab(raw));
	const problem = { raw, target, shelf, conditions: CONDITIONS, totalGrams: 30 };
	const { formulas } = findToner({ problem, fibre, keepsLevel: true });
	return { formulas, raw, kinds: kindsOf(formulas, raw, CONDITIONS, target, HABIT) };
}

describe('what formulas are the best at', () => {
	it('one always takes the warmth and keeps the level', () => {
		for (const aim of [7, 8]) {
			const { formulas, raw, kinds } = found(8.5, aim);
			const at = kinds.findIndex((each) => each.includes('keepsLevel'));
			expect(at).toBeGreaterThanOrEqual(0);
			const { why, level, parts } = formulas[at]!;
			expect(parts.length).toBeGreaterThan(0);
			expect(why).toMatchObject({ kind: 'dyes' });
			expect(level).toBeGreaterThan(levelOf(rawLab(raw)) - 0.6);
		}
	});
	it('the truest now is the one that is nearest, and none is named twice for the same', () => {
		const { formulas, kinds } = found(9, 8);
		for (const kind of ['truestNow', 'truestLater', 'fewestTubes'] as const)
			expect(kinds.filter((each) => each.includes(kind)).length).toBeLessThanOrEqual(1);
		const now = kinds.findIndex((each) => each.includes('truestNow'));
		const nearest = Math.min(...formulas.map(({ deltaE }) => deltaE));
		if (now >= 0) expect(formulas[now]!.deltaE).toBe(nearest);
	});
	it('of nothing is nothing, and no toner is the best at nothing', () => {
		expect(
			kindsOf(
				[],
				{ pigment: pigmentOnPath(4, 'neutral', 9) },
				CONDITIONS,
				{ l: 70, a: 0, b: 20 },
				HABIT
			)
		).toEqual([]);
	});
});

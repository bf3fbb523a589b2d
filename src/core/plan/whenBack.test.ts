import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { RESULT_KIND_NAMES } from '../vocabulary';
import { RETURN_WEEKS_BY_KIND, whenBack } from '.';

const plain = { kind: 'solid', growthCmPerMonth: 1.25, fromTheSkin: true } as const;

describe('when to come back', () => {
	it('is the usual of the technique where nothing moves it', () => {
		for (const kind of RESULT_KIND_NAMES)
			expect(whenBack({ ...plain, kind, fromTheSkin: false })).toEqual({
				...RETURN_WEEKS_BY_KIND[kind],
				usual: RETURN_WEEKS_BY_KIND[kind],
				because: []
			});
	});
	it('is sooner for hair that shows its regrowth sooner, unless it is made to grow in', () => {
		expect(whenBack({ ...plain, showsFrom: 3 })).toMatchObject({
			from: 3,
			to: 6,
			because: ['regrowth']
		});
		expect(
			whenBack({ ...plain, kind: 'livedIn', fromTheSkin: false, showsFrom: 3 }).because
		).toEqual([]);
		expect(whenBack({ ...plain, showsFrom: 6 }).because).toEqual([]);
	});
	it('regrowth that shows shortly before the usual weeks puts nothing off', () => {
		const { from, to } = RETURN_WEEKS_BY_KIND.solid;
		expect(whenBack({ ...plain, fromTheSkin: false, showsFrom: from - 1 })).toMatchObject({
			from: from - 1,
			to: Math.min(to, from + 2)
		});
		for (const kind of RESULT_KIND_NAMES)
			for (let week = 1; week < 30; week++)
				expect(
					whenBack({ ...plain, kind, fromTheSkin: false, showsFrom: week }).to
				).toBeLessThanOrEqual(RETURN_WEEKS_BY_KIND[kind].to);
	});
	it('never leaves more regrowth than the heat zone where it is lightened from the skin', () => {
		// 2.5 cm at 1.25 cm a month are two months.
		expect(whenBack(plain).to).toBe(8);
		expect(whenBack({ ...plain, growthCmPerMonth: 1.6 })).toMatchObject({
			to: 6,
			because: ['band']
		});
		expect(whenBack({ ...plain, growthCmPerMonth: 1.6, fromTheSkin: false }).to).toBe(8);
	});
	it('a tone that is all there is to see says when; any other asks for a gloss in between', () => {
		expect(whenBack({ ...plain, kind: 'pastel', fromTheSkin: false, fadesBy: 3 })).toMatchObject({
			to: 3,
			because: ['fade']
		});
		expect(
			whenBack({ ...plain, kind: 'dimensional', fromTheSkin: false, fadesBy: 5 })
		).toMatchObject({
			from: 8,
			glossWeek: 5,
			because: []
		});
		expect(whenBack({ ...plain, fadesBy: 6 })).not.toHaveProperty('glossWeek');
	});
	it('is always a range of at least two weeks from now', () => {
		const week = fc.option(fc.integer({ min: 1, max: 60 }), { nil: undefined });
		fc.assert(
			fc.property(
				fc.constantFrom(...RESULT_KIND_NAMES),
				fc.double({ min: 0.3, max: 3, noNaN: true }),
				week,
				week,
				fc.boolean(),
				(kind, growthCmPerMonth, showsFrom, fadesBy, fromTheSkin) => {
					const { from, to } = whenBack({
						kind,
						growthCmPerMonth,
						showsFrom,
						fadesBy,
						fromTheSkin
					});
					expect(from).toBeGreaterThanOrEqual(2);
					expect(to).toBeGreaterThanOrEqual(from);
				}
			)
		);
	});
});

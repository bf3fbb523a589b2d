import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { LEVEL_LADDER } from '../colour';
import { ladderFromSwatches, usualLevel } from '.';

const ladderOf = (swatches: { level: number; depth: number }[]) => {
	const answer = ladderFromSwatches(swatches);
	if (!answer.ok) throw new Error(answer.problem);
	return answer.ladder;
};

describe('a salon’s own ladder', () => {
	it('is the usual one where the ring agrees with it', () => {
		const ring = LEVEL_LADDER.map((depth, i) => ({ level: i + 1, depth }));
		ladderOf(ring).forEach((depth, i) => expect(depth).toBeCloseTo(LEVEL_LADDER[i]!, 9));
	});
	it('meets what was measured, shifts between, and keeps the shift beyond', () => {
		const ring = [
			{ level: 4, depth: 28 },
			{ level: 8, depth: 58 },
			{ level: 8, depth: 60 },
			{ level: 10, depth: 77 }
		];
		const ladder = ladderOf(ring);
		expect(ladder[3]).toBeCloseTo(28, 9);
		expect(ladder[7]).toBeCloseTo(59, 9);
		// Half-way between a level 1.5 above the usual and one 4 above.
		expect(ladder[5]).toBeCloseTo(LEVEL_LADDER[5]! + 2.75, 9);
		expect(ladder[0]).toBeCloseTo(LEVEL_LADDER[0]! + 1.5, 9);
		expect(ladder[11]).toBeCloseTo(LEVEL_LADDER[11]!, 9);
	});
	it('rises all along, whatever was read, or says which level is in the way', () => {
		const depths = fc.array(fc.double({ min: -5, max: 5, noNaN: true }), {
			minLength: 10,
			maxLength: 10
		});
		fc.assert(
			fc.property(depths, (offs) => {
				const ring = offs.map((off, i) => ({ level: i + 1, depth: LEVEL_LADDER[i]! + off }));
				const answer = ladderFromSwatches(ring);
				if (!answer.ok) expect(answer).toHaveProperty('level');
				else
					answer.ladder.forEach((depth, i) => {
						if (i > 0) expect(depth).toBeGreaterThan(answer.ladder[i - 1]!);
					});
			})
		);
	});
	it('tells what its levels are on the usual one', () => {
		const ladder = ladderOf([
			{ level: 3, depth: 20 },
			{ level: 6, depth: 40 },
			{ level: 9, depth: 63 }
		]);
		expect(usualLevel(6, ladder)).toBeCloseTo(6.25, 9);
		expect(usualLevel(6, LEVEL_LADDER)).toBeCloseTo(6, 9);
	});
	it('of pale swatches alone does not ask for hair darker than black', () => {
		const ladder = ladderOf(
			[8, 9, 10].map((level) => ({ level, depth: LEVEL_LADDER[level - 1]! - 6 }))
		);
		expect(ladder[0]).toBeGreaterThanOrEqual(15);
	});
	it('says what is missing or crossed', () => {
		expect(ladderFromSwatches([{ level: 5, depth: 31 }])).toMatchObject({
			ok: false,
			problem: 'tooFew'
		});
		const crossed = [
			{ level: 5, depth: 38 },
			{ level: 6, depth: 35 },
			{ level: 9, depth: 65 }
		];
		expect(ladderFromSwatches(crossed)).toMatchObject({
			ok: false,
			problem: 'notRising',
			level: 6
		});
		const far = [
			{ level: 5, depth: 52 },
			{ level: 6, depth: 56 },
			{ level: 9, depth: 65 }
		];
		expect(ladderFromSwatches(far)).toMatchObject({ ok: false, problem: 'farOff', level: 5 });
	});
});

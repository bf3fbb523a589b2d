import { LEVEL_LADDER } from '../colour/constants';
import { intensityOfSwatch } from './swatches';
import { ladderFromSwatches } from './swatches';
import { modelLevel } from './swatches';
import { salonLevel } from './swatches';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';

import { pigmentOnPath } from '../lift';
import { previewTone } from '../tone';

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
	it('there and back is the same level', () => {
		const ladder = ladderOf([
			{ level: 3, depth: 20 },
			{ level: 6, depth: 40 },
			{ level: 9, depth: 63 }
		]);
		fc.assert(
			fc.property(fc.double({ min: 1, max: 12, noNaN: true }), (level) => {
				expect(modelLevel(salonLevel(level, ladder), ladder)).toBeCloseTo(level, 9);
			})
		);
		expect(salonLevel(6, ladder)).toBeLessThan(6);
	});
	it('says what is missing or crossed', () => {
		expect(ladderFromSwatches([{ level: 5, depth: 31 }])).toMatchObject({
			ok: false,
			problem: 'tooFew'
		});
		const crossed = [
			{ level: 5, depth: 40 },
			{ level: 6, depth: 36 },
			{ level: 9, depth: 65 }
		];
		expect(ladderFromSwatches(crossed)).toMatchObject({ ok: false, problem: 'notRising' });
	});
});

describe('a shade’s own strength', () => {
	it.each([0.4, 1, 1.7, 2.6])('is found again from a toned swatch: %f', (intensity) => {
		const on = { pigment: pigmentOnPath(3, 'neutral', 9.5) };
		const shade = { level: 9, tone: 'V' };
		const conditions = { vehicle: 'demi', ratio: 2, minutes: 20 } as const;
		const swatch = previewTone(on, [{ ...shade, intensity, grams: 30 }], conditions).lab;
		const found = intensityOfSwatch(shade, on, conditions, swatch);
		expect(found.intensity).toBeCloseTo(intensity, 2);
		expect(found.deltaE).toBeLessThan(0.01);
	});
});

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { fibreOfReading, levelOfFibre, predictLift, whatWouldTake, type Application } from '.';

const head = { naturalLevel: 5, texture: 'medium' } as const;
const fibre = fibreOfReading({ naturalLevel: 5, warmth: 'neutral', artificial: [] });
const gentle: Application = {
	product: 'powder',
	volume: 10,
	ratio: 2,
	minutes: 25,
	placement: 'openAir',
	section: 'medium'
};
const limits = { minutes: 50, volume: 30, ratio: 1 };
const levelAt = (change: Partial<Application>) =>
	predictLift(fibre, [{ ...gentle, ...change }], head)[0]!.level;

describe('what it would take', () => {
	it('is the first step of a dial that is enough, with the level it gives', () => {
		const target = levelAt({}) + 0.4;
		for (const { dial, to, level, enough } of whatWouldTake(fibre, gentle, head, target, limits)) {
			expect(level).toBeCloseTo(levelAt({ [dial]: to }), 9);
			expect(enough).toBe(level >= target);
			if (dial === 'minutes' && enough) {
				expect(levelAt({ minutes: to - 1 })).toBeLessThan(target);
			}
		}
	});

	it('keeps to the limits, and says how far a dial gets where it is not enough', () => {
		fc.assert(
			fc.property(
				fc.double({ min: 6, max: 12, noNaN: true }),
				fc.integer({ min: 5, max: 60 }),
				fc.constantFrom(10, 20, 30, 40),
				(target, minutes, volume) => {
					const from = { ...gentle, minutes, volume };
					for (const answer of whatWouldTake(fibre, from, head, target, limits)) {
						if (answer.dial === 'minutes') expect(answer.to).toBeLessThanOrEqual(50);
						if (answer.dial === 'volume') expect(answer.to).toBeLessThanOrEqual(30);
						if (answer.dial === 'ratio') expect(answer.to).toBeGreaterThanOrEqual(1);
						expect(answer.level).toBeGreaterThan(levelOfFibre(fibre));
					}
				}
			),
			{ numRuns: 40 }
		);
	});

	it('leaves out a dial that stands at its end', () => {
		const end: Application = {
			...gentle,
			minutes: 50,
			volume: 30,
			ratio: 1,
			section: 'seeThrough'
		};
		const dials = whatWouldTake(fibre, end, head, 12, limits).map(({ dial }) => dial);
		expect(dials).toEqual(['placement']);
	});

	it('never takes what is on the scalp into a foil', () => {
		const onScalp: Application = { ...gentle, placement: 'onScalp' };
		const places = whatWouldTake(fibre, onScalp, head, 12, limits).filter(
			({ dial }) => dial === 'placement'
		);
		for (const { to } of places) expect(['onScalp', 'film']).toContain(to);
	});
});

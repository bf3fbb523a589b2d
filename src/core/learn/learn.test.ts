import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { naturalPigment } from '../hair';
import { applyTo, levelOfFibre, type Fibre } from '../lift';
import { factorOf, fadePersonal, learn, UNKNOWN_CLIENT, type Observation } from '.';

const start: Fibre = { ...naturalPigment(4, 'neutral'), layers: [] };
const levelAt = (minutes: number) => (personal: number) =>
	levelOfFibre(
		applyTo(
			start,
			{ product: 'powder', volume: 20, ratio: 2, minutes, placement: 'foil' },
			{ naturalLevel: 4, texture: 'medium', personal }
		)
	);
/** A head that lifts at this rate, read without error. */
const seenFrom = (factor: number, minutes = 30): Observation => ({
	seen: levelAt(minutes)(factor),
	expectedAt: levelAt(minutes)
});

describe('the personal factor', () => {
	it('moves towards what was seen, and is surer than before', () => {
		fc.assert(
			fc.property(fc.double({ min: 0.65, max: 1.5, noNaN: true }), (factor) => {
				const learned = learn([seenFrom(factor), seenFrom(factor), seenFrom(factor)]);
				expect(learned.sd).toBeLessThan(UNKNOWN_CLIENT.sd);
				const truth = Math.log(factor);
				expect(Math.abs(learned.mean - truth)).toBeLessThanOrEqual(Math.abs(truth) + 0.01);
				if (Math.abs(truth) > 0.1) expect(Math.sign(learned.mean)).toBe(Math.sign(truth));
			}),
			{ numRuns: 25 }
		);
	});
	it('comes close with enough visits, and one visit moves it only part of the way', () => {
		const once = learn([seenFrom(0.75)]);
		const often = learn(Array.from({ length: 12 }, () => seenFrom(0.75)));
		expect(factorOf(once)).toBeGreaterThan(0.76);
		expect(factorOf(often)).toBeLessThan(factorOf(once));
		expect(factorOf(often)).toBeCloseTo(0.75, 1);
		expect(often.sd).toBeLessThan(once.sd);
	});
	it('is the same whether visits are learned together or one after another', () => {
		const visits = [0.8, 0.85, 0.8].map((factor) => seenFrom(factor));
		const together = learn(visits);
		const inTurn = visits.reduce((known, visit) => learn([visit], known), UNKNOWN_CLIENT);
		expect(inTurn.mean).toBeCloseTo(together.mean, 2);
		expect(inTurn.sd).toBeCloseTo(together.sd, 2);
	});
	it('learns nothing from a reading that no factor could change', () => {
		const learned = learn([{ seen: 9, expectedAt: () => 9 }]);
		expect(learned.mean).toBeCloseTo(0, 6);
		expect(learned.sd).toBeCloseTo(UNKNOWN_CLIENT.sd, 3);
	});
	it('stands sixty readings that disagree', () => {
		const learned = learn(
			Array.from({ length: 60 }, (_, i) => ({ ...seenFrom(1), seen: i % 2 ? 5 : 9 }))
		);
		expect(Number.isFinite(learned.mean) && learned.sd > 0).toBe(true);
	});
	it('fades by half in a year, back to knowing nothing', () => {
		const learned = learn(Array.from({ length: 6 }, () => seenFrom(0.7)));
		const later = fadePersonal(learned, 1);
		expect(later.mean).toBeCloseTo(learned.mean / 2, 9);
		expect(later.sd).toBeGreaterThan(learned.sd);
		expect(fadePersonal(learned, 0)).toEqual({
			mean: learned.mean,
			sd: expect.closeTo(learned.sd, 9) as number
		});
		expect(fadePersonal(learned, 50).sd).toBeCloseTo(UNKNOWN_CLIENT.sd, 6);
	});
});

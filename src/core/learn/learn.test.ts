import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { naturalPigment } from '../hair';
import { WHITE_FIBRE, type Fibre } from '../lift';
import { factorOf, isHabit, learnHead, UNKNOWN_CLIENT, type AreaHabit, type LookedVisit } from '.';
import { expectedOf, levelsOf, type LevelLook } from './look';
import { fadePersonal } from './personal';

const start: Fibre = { ...naturalPigment(4, 'neutral'), layers: [] };
const lookAt = (minutes: number, seen = 0, fibre = start): LevelLook => ({
	fibre,
	applications: [{ product: 'powder', volume: 20, ratio: 2, minutes, placement: 'foil' }],
	factors: { naturalLevel: 4, texture: 'medium' },
	condition: 100,
	minutes,
	seen
});
/** A look at a head that lifts at this rate, read without error. */
function seenFrom(factor: number, minutes = 30): LevelLook {
	const look = lookAt(minutes);
	return { ...look, seen: expectedOf(look, factor) };
}
const visit = (looks: readonly LevelLook[], years = 0): LookedVisit => ({ years, looks });
const learnFrom = (looks: readonly LevelLook[]) => learnHead([visit(looks)]).personal;

describe('the personal factor', () => {
	it('moves towards what was seen, and is surer than before', () => {
		fc.assert(
			fc.property(fc.double({ min: 0.65, max: 1.5, noNaN: true }), (factor) => {
				const learned = learnFrom([seenFrom(factor), seenFrom(factor), seenFrom(factor)]);
				expect(learned.sd).toBeLessThan(UNKNOWN_CLIENT.sd);
				const truth = Math.log(factor);
				expect(Math.abs(learned.mean - truth)).toBeLessThanOrEqual(Math.abs(truth) + 0.01);
				if (Math.abs(truth) > 0.1) expect(Math.sign(learned.mean)).toBe(Math.sign(truth));
			}),
			{ numRuns: 25 }
		);
	});
	it('comes close with enough visits, and one visit moves it only part of the way', () => {
		const once = learnFrom([seenFrom(0.75)]);
		const often = learnFrom(Array.from({ length: 12 }, () => seenFrom(0.75)));
		expect(factorOf(once)).toBeGreaterThan(0.76);
		expect(factorOf(often)).toBeLessThan(factorOf(once));
		expect(factorOf(often)).toBeCloseTo(0.75, 1);
		expect(often.sd).toBeLessThan(once.sd);
	});
	it('is the same whether a day’s looks come from one visit or from three, and fades with those before', () => {
		const looks = [0.8, 0.85, 0.8].map((factor) => seenFrom(factor));
		const together = learnFrom(looks);
		const apart = learnHead(looks.map((look) => visit([look]))).personal;
		expect(apart.mean).toBeCloseTo(together.mean, 9);
		expect(apart.sd).toBeCloseTo(together.sd, 9);
		const longAgo = learnHead(looks.map((look, i) => visit([look], 2 - i))).personal;
		expect(longAgo.sd).toBeGreaterThan(together.sd);
		expect(Math.abs(longAgo.mean)).toBeLessThan(Math.abs(together.mean));
	});
	it('is the same whether it is learned visit after visit or all at once, whichever were asked before', () => {
		const seen = fc.record({
			gap: fc.constantFrom(0, 0.1, 0.7, 3),
			factor: fc.double({ min: 0.6, max: 1.5, noNaN: true }),
			area: fc.constantFrom(undefined, 'crown' as const, 'nape' as const)
		});
		const day = fc.array(fc.tuple(seen, fc.boolean()), { minLength: 1, maxLength: 6 });
		fc.assert(
			fc.property(day, fc.nat(5), (days, left) => {
				// The same lists of looks are handed in again and again, as a record does that is not changed.
				const lists = days.map(([{ factor, area }, twice]) => {
					const look = { ...seenFrom(factor), area };
					return twice ? [look, look] : [look];
				});
				const upTo = (some: readonly (readonly LevelLook[])[]): LookedVisit[] =>
					some.map((looks, i) => ({
						looks,
						years: days.slice(i + 1, some.length).reduce((sum, [{ gap }]) => sum + gap, 0)
					}));
				const anew = (visits: readonly LookedVisit[]) =>
					learnHead(visits.map(({ years, looks }) => ({ years, looks: [...looks] })));
				const sets = [
					...lists.map((_, i) => lists.slice(0, i + 1)),
					// One is left out, and taken in again.
					lists.filter((_, i) => i !== left),
					lists
				];
				for (const some of sets) {
					const visits = upTo(some);
					const [kept, fresh] = [learnHead(visits), anew(visits)];
					expect(kept.personal.mean).toBeCloseTo(fresh.personal.mean, 9);
					expect(kept.personal.sd).toBeCloseTo(fresh.personal.sd, 9);
					expect(kept.areas.map(({ area }) => area)).toEqual(fresh.areas.map(({ area }) => area));
					kept.areas.forEach(({ known }, i) =>
						expect(known.mean).toBeCloseTo(fresh.areas[i]!.known.mean, 9)
					);
				}
			}),
			{ numRuns: 20 }
		);
	});
	it('learns nothing where nobody looked, nor from a reading that no factor could change', () => {
		expect(learnHead([]).personal).toEqual(UNKNOWN_CLIENT);
		const bare = lookAt(30, 10, WHITE_FIBRE);
		const learned = learnFrom([{ ...bare, seen: expectedOf(bare, 1) }]);
		expect(learned.mean).toBeCloseTo(0, 6);
		expect(learned.sd).toBeCloseTo(UNKNOWN_CLIENT.sd, 2);
	});
	it('stands sixty readings that disagree', () => {
		const learned = learnFrom(Array.from({ length: 60 }, (_, i) => lookAt(30, i % 2 ? 5 : 9)));
		expect(Number.isFinite(learned.mean) && learned.sd > 0).toBe(true);
	});
	it('starts from what the salon knows, and goes back to it', () => {
		const salon = { ...UNKNOWN_CLIENT, mean: Math.log(0.8) };
		const looks = [seenFrom(1.2), seenFrom(1.2)];
		const soon = learnHead([visit(looks)], salon).personal;
		const late = learnHead([visit(looks)], salon, 40).personal;
		expect(soon.mean).toBeGreaterThan(salon.mean + 0.1);
		expect(late.mean).toBeCloseTo(salon.mean, 6);
	});
	it('fades by half in a year, back to knowing nothing', () => {
		const learned = learnFrom(Array.from({ length: 6 }, () => seenFrom(0.7)));
		const later = fadePersonal(learned, 1);
		expect(later.mean).toBeCloseTo(learned.mean / 2, 9);
		expect(later.sd).toBeGreaterThan(learned.sd);
		expect(fadePersonal(learned, 0)).toEqual({
			mean: learned.mean,
			sd: expect.closeTo(learned.sd, 9) as number
		});
		expect(fadePersonal(learned, 50).sd).toBeCloseTo(UNKNOWN_CLIENT.sd, 6);
	});
	it('asks a table that tells the level to the hundredth', () => {
		const at = levelsOf(lookAt(30));
		for (const log of [-0.9, -0.31, 0, 0.17, 0.66])
			expect(Math.abs(at(log) - expectedOf(lookAt(30), Math.exp(log)))).toBeLessThan(0.015);
	});
	it('a habit is what more than one visit showed, beyond what is not known of it', () => {
		const habit: AreaHabit = {
			area: 'crown',
			known: { mean: -0.3, sd: 0.1 },
			factor: 0.74,
			lagMinutes: 9,
			looks: 6,
			visits: 2
		};
		expect(isHabit(habit)).toBe(true);
		expect(isHabit({ ...habit, visits: 1 })).toBe(false);
		expect(isHabit({ ...habit, known: { mean: -0.09, sd: 0.1 } })).toBe(false);
	});
});

import { describe, expect, it } from 'vitest';
import { MOMENT, NOW } from '../../testing/demoVisit';
import { anyDocument } from '../../schema/records';
import { demoShelf } from '../demo/shelf';
import { isHabit } from '../../core/learn';
import { newVisit } from '../commands/newVisit';
import { dayAfter } from '../time';
import { learnedFrom, looksOf } from '../visit/learned';
import { expectedOf } from '../../core/learn';
import { simulatePast, type SimulatedClient } from './past';
import type { HiddenHand } from './service';

const shelf = demoShelf(NOW);
const line = shelf.lines[0]!;
const HAND: HiddenHand = { name: 'Wenna Trask', pace: 1, readsOff: 0, uses: 1, taps: true };
const plain = newVisit('head', MOMENT);
const first = {
	...plain,
	reading: { ...plain.reading, lengthCm: 14, texture: 'coarse' as const },
	aim: { ...plain.aim, level: 9 },
	lift: { ...plain.lift, product: 'cream' as const, placement: 'onScalp' as const, ratio: 1.5 },
	tone: {
		...plain.tone,
		choice: 'formula' as const,
		parts: [{ name: '9V', level: 9, tone: 'V', grams: 30 }]
	}
};
const EVERY_SIX_WEEKS = Array.from({ length: 9 }, (_, i) => 6 * (9 - i));
const past = (over: Partial<SimulatedClient> = {}) =>
	simulatePast({
		first,
		shelf,
		line,
		head: { rate: 0.8 },
		hands: [HAND],
		weeksAgo: EVERY_SIX_WEEKS,
		today: MOMENT.day,
		at: NOW,
		seed: 1,
		...over
	});
const SEEDS = Array.from({ length: 24 }, (_, i) => i + 1);

describe('a simulated past', () => {
	it('is made of records as any others, the same for one seed', () => {
		const visits = past();
		expect(visits).toHaveLength(EVERY_SIX_WEEKS.length);
		for (const visit of visits) expect(anyDocument.safeParse(visit).error).toBeUndefined();
		expect(past()).toEqual(visits);
		expect(past({ seed: 2 })).not.toEqual(visits);
		expect(visits.every(({ result }) => result.recordedAt !== undefined)).toBe(true);
		expect(visits.at(-1)!.date).toBe(dayAfter(MOMENT.day, -42));
	});

	it('hides a rate that learning finds within the error it states', () => {
		const off = SEEDS.map((seed) => {
			const rate = Math.exp(-0.35 + 0.03 * seed);
			const { personal, visits } = learnedFrom(past({ seed, head: { rate } }), MOMENT.day);
			expect(visits).toBe(EVERY_SIX_WEEKS.length);
			return (personal.mean - Math.log(rate)) / personal.sd;
		});
		expect(off.filter((z) => Math.abs(z) < 2).length).toBeGreaterThanOrEqual(SEEDS.length * 0.9);
		expect(Math.max(...off.map(Math.abs))).toBeLessThan(3.5);
	});

	it('teaches so much that the next visit errs by a third less or better', () => {
		let typical = 0;
		let learned = 0;
		for (const seed of SEEDS) {
			const rate = seed % 2 ? 0.75 : 1.3;
			const visits = past({ seed, head: { rate } });
			const next = looksOf(visits.at(-1)!)[0]!.look;
			const known = learnedFrom(visits.slice(0, -1), visits.at(-1)!.date);
			const truth = expectedOf(next, rate);
			typical += Math.abs(expectedOf(next, 1) - truth);
			learned += Math.abs(expectedOf(next, known.factor) - truth);
		}
		expect(learned).toBeLessThan((2 / 3) * typical);
	});

	it('hides an area that lags, which learning finds within the error it states', () => {
		const crowns = crownsOf(0.85);
		const off = crowns.map(({ known }) => (known.mean - Math.log(0.85)) / known.sd);
		expect(off.filter((z) => Math.abs(z) < 2).length).toBeGreaterThanOrEqual(SEEDS.length * 0.8);
		for (const { factor, lagMinutes } of crowns)
			expect(Math.sign(lagMinutes)).toBe(Math.sign(1 - factor));
	});

	it('an area that lags by much is told with its minutes, one that does not hardly ever', () => {
		const slow = crownsOf(0.7).filter(isHabit);
		expect(slow.length).toBeGreaterThan(SEEDS.length * 0.75);
		expect(Math.min(...slow.map(({ lagMinutes }) => lagMinutes))).toBeGreaterThan(2);
		expect(crownsOf(1).filter(isHabit).length).toBeLessThan(SEEDS.length / 3);
	});
});

/** What was learned of a crown that lifts at some share of the head's rate, seed by seed. */
const crownsOf = (factor: number) =>
	SEEDS.map((seed) => {
		const visits = past({ seed, head: { rate: 0.9, areas: { crown: factor } } });
		return learnedFrom(visits, MOMENT.day).areas.find(({ area }) => area === 'crown')!;
	});

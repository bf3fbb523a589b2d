import { describe, expect, it } from 'vitest';
import { expectedOf } from '../../core/learn';
import { MOMENT } from '../../testing/demoVisit';
import { quietFacts } from '../../testing/quietFacts';
import { anyDocument, type Reading, type StrandTest } from '../../schema/records';
import { newVisit } from '../commands/newVisit';
import { checkCautions } from '../../core/caution';
import { strandTestOf } from './cautions';
import { learnedFrom } from './learned';
import {
	layersByTest,
	oldColourMoved,
	taughtByStrands,
	testExpects,
	testLooksOf
} from './strandTests';

const today = MOMENT.day;
const visit = newVisit('head', MOMENT);
const natural: Reading = { ...visit.reading, naturalLevel: 5, lengthCm: 20 };
const MIXTURE = { product: 'powder', volume: 20, ratio: 2 } as const;
const MINUTES = [10, 20, 30] as const;

const testOf = (looks: StrandTest['looks'], over: Partial<StrandTest> = {}): StrandTest => ({
	id: 'strand',
	date: today,
	result: 'clean',
	note: '',
	mixture: MIXTURE,
	looks,
	...over
});
/** A strand of a head whose lift is so much faster or slower than typical. */
function triedOn(reading: Reading, factor: number, over: Partial<StrandTest> = {}): Reading {
	const blank = testOf(
		MINUTES.map((minute) => ({ minute, level: 5 })),
		over
	);
	const looks = testLooksOf(reading, blank, factor).map(({ minute, expected }) => ({
		minute,
		level: Math.round(10 * Math.min(12, Math.max(1, expected))) / 10
	}));
	return { ...reading, strandTests: [testOf(looks, over)] };
}
const coloured = (layers: number): Reading => ({
	...natural,
	zones: {
		...natural.zones,
		lengths: {
			...natural.zones.lengths,
			state: 'coloured',
			presentLevel: 4,
			artificial: [{ kind: 'permanent', level: 4, tone: 'N', layers }]
		}
	}
});

describe('a strand that is tried', () => {
	it('keeps what was expected of a look when it was noted, however the head is read later', () => {
		const expected = testExpects(natural, testOf([]), 20, 1.3)!;
		const [computed] = testLooksOf(natural, testOf([{ minute: 20, level: 6 }]), 1.3);
		expect(expected).toBeCloseTo(computed!.expected, 1);
		const kept = testOf([{ minute: 20, level: 6, expected }]);
		const deeper = { ...natural, naturalLevel: 3 };
		expect(testLooksOf(deeper, kept)[0]!.expected).toBe(expected);
		expect(testLooksOf(deeper, testOf([{ minute: 20, level: 6 }]))[0]!.expected).toBeLessThan(
			expected - 1
		);
		expect(testExpects(natural, { zone: 'root' }, 20)).toBeUndefined();
	});
	it('is expected minute by minute, and is a record', () => {
		const reading = triedOn(natural, 1);
		const [test] = reading.strandTests;
		const looks = testLooksOf(reading, test!);
		for (const { seen, expected } of looks) expect(Math.abs(seen - expected)).toBeLessThan(0.06);
		expect(looks.map(({ expected }) => expected)).toEqual(
			looks.map(({ expected }) => expected).sort((p, q) => p - q)
		);
		expect(anyDocument.safeParse({ ...visit, reading }).error).toBeUndefined();
		expect(testLooksOf(natural, testOf(undefined))).toEqual([]);
	});
	it('teaches how fast this head lifts, and makes the interval narrower', () => {
		const plain = learnedFrom([], today);
		for (const factor of [0.7, 1.35]) {
			const tried = taughtByStrands(triedOn(natural, factor), today);
			expect(tried).toHaveLength(MINUTES.length);
			const learned = learnedFrom([], today, { tried });
			expect(learned.strandLooks).toBe(MINUTES.length);
			expect(Math.sign(learned.personal.mean)).toBe(Math.sign(Math.log(factor)));
			expect(Math.abs(learned.factor - factor)).toBeLessThan(Math.abs(1 - factor) * 0.75);
			expect(learned.personal.sd).toBeLessThan(plain.personal.sd);
			expect(learnedFrom([], today, { tried, off: ['rate'] }).factor).toBe(1);
		}
	});
	it('teaches nothing once something went on the hair, where it reacted, or before its day', () => {
		const reading = triedOn(natural, 0.7);
		const since = { id: 'h', kind: 'lightening', date: today.replace(/\d\d$/, '28') };
		expect(taughtByStrands(reading, '2020-01-01')).toEqual([]);
		expect(
			taughtByStrands({ ...reading, history: [since as Reading['history'][number]] }, today)
		).toEqual([]);
		expect(taughtByStrands(triedOn(natural, 0.7, { result: 'reacted' }), today)).toEqual([]);
	});
	it('teaches nothing at the next visit, when the service of its own day has changed the hair', () => {
		const reading = triedOn(natural, 0.7);
		const own = { id: 'h', kind: 'lightening', date: today } as Reading['history'][number];
		expect(taughtByStrands({ ...reading, history: [own] }, today)).toEqual([]);
		expect(strandTestOf({ ...reading, history: [own] }, today)).toEqual({
			standing: 'outdated',
			by: today
		});
		const cut = { ...own, kind: 'cut' } as Reading['history'][number];
		expect(taughtByStrands({ ...reading, history: [cut] }, today)).toHaveLength(MINUTES.length);
	});
	it('of old colour does not teach the rate, but how often the colour lay, and whether it moves', () => {
		const really = triedOn(coloured(5), 1);
		const told = { ...coloured(1), strandTests: really.strandTests };
		expect(taughtByStrands(told, today)).toEqual([]);
		const found = layersByTest(told, told.strandTests[0]!)!;
		expect(found).toMatchObject({ zone: 'lengths', told: 1 });
		expect(found.found).toBeGreaterThanOrEqual(3);
		expect(layersByTest(really, really.strandTests[0]!)).toBeUndefined();
		expect(layersByTest(natural, testOf([{ minute: 20, level: 7 }]))).toBeUndefined();
		expect(oldColourMoved(told, today)).toBeGreaterThan(0);
	});
	it('whose old colour stays calls for a caution; one that moves, or lay briefly, does not', () => {
		const moved = (minute: number, level: number) =>
			oldColourMoved({ ...coloured(2), strandTests: [testOf([{ minute, level }])] }, today);
		expect(moved(10, 4.1)).toBeUndefined();
		expect(moved(25, 4.2)).toBeCloseTo(0.2, 0);
		expect(moved(25, 6)).toBeGreaterThan(1);
		const codes = (oldColourMoved: number | undefined) =>
			checkCautions({ ...quietFacts, oldColourMoved }).map(({ code }) => code);
		expect(codes(0.2)).toContain('oldColourStays');
		expect(codes(1.5)).not.toContain('oldColourStays');
		expect(codes(undefined)).not.toContain('oldColourStays');
	});
	it('is expected by what is known of the head', () => {
		const [look] = taughtByStrands(triedOn(natural, 1), today);
		expect(expectedOf(look!, 1.4)).toBeGreaterThan(expectedOf(look!, 1));
	});
});

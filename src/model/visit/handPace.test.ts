import { describe, expect, it } from 'vitest';
import { handPaceOf } from '../../core/learn';
import { newVisit } from '../commands/newVisit';
import { logAllOn } from '../commands/run';
import { sayPace } from '../commands/handPace';
import { momentIn } from '../time';
import { plainShelf } from '../demo/shelf';
import type { Visit } from '../../schema/records';
import { cardOf } from '../index/card';
import { handPaceFrom } from './handPace';

const served = (id: string, colourist: string, took?: number, date = '2026-01-05'): Visit => {
	const visit = newVisit('c', momentIn(new Date('2026-01-05T10:00:00Z'), 'Etc/UTC'));
	Object.assign(visit, { id, colourist, date });
	if (took !== undefined) logAllOn(visit.run, took * 60, 40);
	return visit;
};
const own = { id: 'now', date: '2026-02-01' };

describe('the pace of hands', () => {
	it('is the salon’s preset, or the colourist’s own, until something was logged', () => {
		const shelf = plainShelf(new Date(0));
		expect(handPaceFrom([], 'Wenna', own, shelf)).toEqual({
			factor: 1,
			preset: 'usual',
			visits: 0
		});
		shelf.handPace = 'quick';
		expect(handPaceFrom([], 'Wenna', own, shelf).factor).toBe(0.8);
		sayPace(shelf, 'Wenna', 'unhurried');
		expect(handPaceFrom([], 'Wenna', own, shelf).factor).toBe(1.3);
		expect(handPaceFrom([], 'Ivo', own, shelf).factor).toBe(0.8);
		sayPace(shelf, 'Wenna', undefined);
		expect(handPaceFrom([], 'Wenna', own, shelf).factor).toBe(0.8);
	});
	it('moves towards what Chair logged, of the same hands and of earlier days alone', () => {
		const past = [
			served('a', 'Wenna', 60),
			served('b', 'Wenna', 60),
			served('c', 'Ivo', 20),
			served('d', 'Wenna'),
			served('e', 'Wenna', 10, '2026-03-01'),
			served('now', 'Wenna', 10)
		];
		const { factor, visits } = handPaceFrom(past.map(cardOf), 'Wenna', own, undefined);
		expect(visits).toBe(2);
		// Two services half as long again, drawn to the usual by one.
		expect(factor).toBeCloseTo(Math.pow(1.5, 2 / 3), 9);
	});
	it('starts from what is said of them, and stays within bounds', () => {
		expect(handPaceOf([], 1.3)).toBe(1.3);
		expect(handPaceOf([{ tookMinutes: 52, reckonedMinutes: 40 }], 1.3)).toBeCloseTo(1.3, 9);
		const slow = Array.from({ length: 50 }, () => ({ tookMinutes: 400, reckonedMinutes: 40 }));
		expect(handPaceOf(slow)).toBe(2);
		const quick = Array.from({ length: 50 }, () => ({ tookMinutes: 4, reckonedMinutes: 40 }));
		expect(handPaceOf(quick)).toBe(0.5);
	});
	it('is logged to a tenth of a minute', () => {
		expect(served('x', '', 31.26).run.allOn).toEqual({ minute: 31.3, reckonedMinutes: 40 });
	});
});

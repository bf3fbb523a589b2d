import { momentIn } from '../time';
import { describe, expect, it } from 'vitest';
import { predictLift } from '../../core/lift';
import { newVisit } from '../commands/newVisit';
import type { Visit } from '../../schema/records';
import { zonesOf } from '../head/hair';
import { learnedFrom } from './learned';
import { applicationOn, liftAnswer, subjectOf } from './lift';

const NOW = new Date('2026-03-02T10:00:00Z');

/** A recorded visit of a head that lifts at some share of the typical rate. */
function recorded(date: string, factor: number, minutes = [15, 30, 40]): Visit {
	const visit = newVisit('c', momentIn(NOW, 'Etc/UTC'));
	const zone = zonesOf(visit.reading).find(({ name }) => name === 'lengths')!;
	const head = { naturalLevel: 5, texture: 'medium', personal: factor } as const;
	const notes = minutes.map((minute, i) => ({
		id: `${date}-${i}`,
		minute,
		zone: 'lengths' as const,
		level: predictLift(zone.fibre, [applicationOn(visit.lift, zone, minute)], head)[0]!.level,
		text: ''
	}));
	const result = { ...visit.result, recordedAt: `${date}T12:00:00.000Z` };
	return { ...visit, id: date, date, status: 'done', run: { ...visit.run, notes }, result };
}

describe('what past visits taught', () => {
	it('is nothing without a level that was seen, or before the day', () => {
		expect(learnedFrom([], '2026-03-02')).toMatchObject({ visits: 0, factor: 1 });
		const blank = { ...recorded('2026-01-01', 0.7), run: { elapsedSeconds: 0, notes: [] } };
		expect(learnedFrom([blank], '2026-03-02').visits).toBe(0);
		expect(learnedFrom([recorded('2026-03-02', 0.7)], '2026-03-02').visits).toBe(0);
	});

	it('finds a slow head, the surer the more it has seen', () => {
		const one = learnedFrom([recorded('2026-02-01', 0.75)], '2026-03-02');
		const three = learnedFrom(
			['2025-12-01', '2026-01-01', '2026-02-01'].map((date) => recorded(date, 0.75)),
			'2026-03-02'
		);
		expect(one.factor).toBeLessThan(0.95);
		expect(Math.abs(three.factor - 0.75)).toBeLessThan(Math.abs(one.factor - 0.75));
		expect(three.personal.sd).toBeLessThan(one.personal.sd);
		expect(three.visits).toBe(3);
	});

	it('fades over the years', () => {
		const visits = [recorded('2020-02-01', 0.75)];
		const soon = learnedFrom(visits, '2020-03-01');
		const late = learnedFrom(visits, '2026-03-02');
		expect(Math.abs(Math.log(late.factor))).toBeLessThan(Math.abs(Math.log(soon.factor)) / 8);
	});

	it('moves a prediction towards what was seen, and narrows it', () => {
		const learned = learnedFrom(
			['2025-12-01', '2026-01-01', '2026-02-01'].map((date) => recorded(date, 0.75)),
			'2026-03-02'
		);
		const { reading, lift } = newVisit('c', momentIn(NOW, 'Etc/UTC'));
		const zone = zonesOf(reading)[1]!;
		const typical = liftAnswer(subjectOf(reading), lift, zone);
		const known = liftAnswer(subjectOf(reading, learned), lift, zone);
		expect(known.level).toBeLessThan(typical.level - 0.1);
		expect(known.high - known.low).toBeLessThan(typical.high - typical.low);
	});
});

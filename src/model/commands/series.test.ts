import { momentIn } from '../time';
import { convertIcsCalendar } from 'ts-ics';
import { describe, expect, it } from 'vitest';
import { calendarOf } from '../../store/calendar';
import { demoDocuments } from '../../testing/demoDocuments';
import { earliestDay, makeSeries, moveInSeries, nextFromRecord, seriesOf } from './series';
import { visit as visitSchema, type Visit } from '../../schema/records';

const NOW = new Date('2026-03-02T10:00:00Z');
const today = demoDocuments(momentIn(NOW, 'Etc/UTC')).find(
	({ id }) => id === 'hesper-oake-today'
) as Visit;
const { before, lift, after } = today;
const day = { before, lift, after };
const made = makeSeries(
	today,
	[
		{ week: 0, day, level: 7 },
		{ week: 4, day: { ...day, lift: { ...lift, minutes: 25 } }, level: 8.2 },
		{ week: 8, day, level: 9 }
	],
	NOW
);

describe('visits planned together', () => {
	it('are made as valid documents on their days, the first being today’s', () => {
		expect(made.map(({ date }) => date)).toEqual(['2026-03-02', '2026-03-30', '2026-04-27']);
		expect(made.map(({ series }) => series!.number)).toEqual([1, 2, 3]);
		expect(new Set(made.map(({ id }) => id)).size).toBe(3);
		expect(made[0]!.id).toBe(today.id);
		for (const visit of made) expect(visitSchema.safeParse(visit).error).toBeUndefined();
		expect(made[1]).toMatchObject({ status: 'waiting', settled: [], lift: { minutes: 25 } });
		expect(made[1]).not.toHaveProperty('chairSince');
	});
	it('each starts from what the one before is expected to leave', () => {
		expect(made[1]!.reading.zones.lengths).toMatchObject({ state: 'lightened', presentLevel: 7 });
		expect(made[2]!.reading.zones.lengths.presentLevel).toBe(8.2);
		expect(made[1]!.reading.zones.root.state).toBe('natural');
		expect(made[2]!.reading.strain.lightenings).toBe(today.reading.strain.lightenings + 2);
	});
	it('carry how the head is cut up, not what was weighed today or when it began', () => {
		const bowl = {
			id: 'main:nape',
			kind: 'lightener',
			number: 1,
			volume: 20,
			ratio: 2,
			sections: ['nape'],
			parts: [],
			done: true
		} as const;
		const weighed: Visit = {
			...today,
			bowls: {
				...today.bowls,
				foils: 52,
				startAt: '10:20',
				sections: [
					{
						id: 'nape',
						areas: ['nape'],
						share: 1,
						picking: 'weave',
						angle: 'horizontal',
						lockedVolume: 30,
						skip: true
					}
				],
				mixed: [{ ...bowl, sections: ['nape'], parts: [], at: NOW.toISOString() }]
			}
		};
		const planned = [0, 4].map((week) => ({ week, day, level: 8 }));
		const { bowls } = makeSeries(weighed, planned, NOW)[1]!;
		expect(bowls).toMatchObject({ foils: 52, mixed: [] });
		expect(bowls).not.toHaveProperty('startAt');
		expect(bowls.sections![0]).not.toHaveProperty('lockedVolume');
		expect(bowls.sections![0]).not.toHaveProperty('skip');
	});
	it('count hair as lightened that only a further application of the day went on', () => {
		const rootOnly = { ...lift, covers: { root: true, lengths: false, ends: false } };
		const ends = { ...lift, covers: { root: false, lengths: false, ends: true } };
		const [, next] = makeSeries(
			today,
			[
				{
					week: 0,
					day: { before: [], lift: rootOnly, after: [{ ...ends, id: 'a', kind: 'again' }] },
					level: 8
				},
				{ week: 4, day, level: 9 }
			],
			NOW
		);
		expect(next!.reading.zones.ends).toMatchObject({ state: 'lightened', presentLevel: 8 });
		expect(next!.reading.zones.lengths).toEqual(today.reading.zones.lengths);
	});
	it('move together from the one that is moved, and no others', () => {
		const moved = moveInSeries(made, made[1]!.id, '2026-04-06');
		expect(moved.map(({ date }) => date)).toEqual(['2026-04-06', '2026-05-04']);
		expect(moveInSeries(made, made[1]!.id, made[1]!.date)).toEqual([]);
		expect(moveInSeries(made, 'nobody', '2026-04-06')).toEqual([]);
		const done = made.map((visit, i): Visit => (i === 2 ? { ...visit, status: 'done' } : visit));
		expect(moveInSeries(done, made[1]!.id, '2026-04-06')).toHaveLength(1);
		expect(earliestDay(made, made[1]!)).toBe('2026-03-03');
		expect(earliestDay(made, made[0]!)).toBeUndefined();
	});
	it('the next starts from what was seen, once it is recorded and while nobody has begun', () => {
		const recorded: Visit = {
			...made[0]!,
			result: { ...made[0]!.result, level: 6.4, recordedAt: NOW.toISOString() }
		};
		expect(nextFromRecord(made, recorded)!.reading.zones.lengths.presentLevel).toBe(6.4);
		const begun = made.map((visit, i): Visit =>
			i === 1 ? { ...visit, settled: ['read'] } : visit
		);
		expect(nextFromRecord(begun, recorded)).toBeUndefined();
		expect(nextFromRecord(made, today)).toBeUndefined();
		expect(seriesOf(made, today)).toEqual([]);
	});
	it('leave as whole days of an iCalendar file, whatever their names hold', async () => {
		const title = 'Ö, “Quill”; visit 1\nof 2 ' + 'long '.repeat(30);
		const text = await calendarOf([{ id: 'a', date: '2026-03-30', title, text: 'x' }], NOW);
		expect(text).toContain('DTSTART;VALUE=DATE:20260330');
		expect(text).toContain('DTEND;VALUE=DATE:20260331');
		const [event] = convertIcsCalendar(undefined, text).events!;
		expect(event).toMatchObject({ uid: 'a@zelvant', summary: title });
	});
});

import fc from 'fast-check';
import ICAL from 'ical.js';
import { describe, expect, it } from 'vitest';
import { calendarOf, calendarOfTimes } from './calendar';

const NOW = new Date('2026-03-02T10:00:00Z');
/** Events of a file, as another program reads them. */
const eventsOf = (text: string) =>
	new ICAL.Component(ICAL.parse(text) as unknown[])
		.getAllSubcomponents('vevent')
		.map((event) => new ICAL.Event(event));

describe('a calendar file, read by another program', () => {
	it('holds whole days, each until the next', async () => {
		const days = [
			{ id: 'a', date: '2026-03-31', title: 'Come back', text: 'Root, with a gloss' },
			{ id: 'b', date: '2026-12-31', title: 'Patch test', text: '48 hours before' }
		];
		const events = eventsOf(await calendarOf(days, NOW));
		expect(
			events.map(({ startDate, endDate }) => [startDate.toString(), endDate.toString()].join(' '))
		).toEqual(['2026-03-31 2026-04-01', '2026-12-31 2027-01-01']);
		expect(events.every(({ startDate }) => startDate.isDate)).toBe(true);
		expect(new Set(events.map(({ uid }) => uid)).size).toBe(2);
	});
	it('keeps any words as they were written', async () => {
		await fc.assert(
			fc.asyncProperty(
				fc.string({ unit: 'grapheme', minLength: 1, maxLength: 90 }),
				fc.string({ unit: 'grapheme', maxLength: 300 }),
				async (title, text) => {
					const day = { id: 'x', date: '2026-03-31', title, text };
					const [event] = eventsOf(await calendarOf([day], NOW));
					const same = (words: string) => words.replace(/\r\n?/g, '\n').trim();
					expect(same(event!.summary)).toBe(same(title));
					expect(same(event!.description)).toBe(same(text));
				}
			)
		);
	});
	it('holds times as long as they last', async () => {
		const at = { id: 'a', date: '2026-03-02', title: 'Mix bowl 2', text: '' };
		const [event] = eventsOf(
			await calendarOfTimes([{ ...at, startTime: '09:40', minutes: 15 }], NOW)
		);
		expect(event!.startDate.toJSDate()).toEqual(new Date('2026-03-02T09:40:00'));
		expect(event!.duration.toSeconds()).toBe(15 * 60);
	});
});

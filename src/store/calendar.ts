import type { IcsCalendar } from 'ts-ics';
import { dayAfter } from '../model/time';

/** A day to be written into a calendar. */
export interface CalendarDay {
	readonly id: string;
	/** ISO day. */
	readonly date: string;
	readonly title: string;
	readonly text: string;
}

/** Whoever makes such a file fetches what writes it. */
const written = async (calendar: IcsCalendar): Promise<string> =>
	(await import('ts-ics')).generateIcsCalendar(calendar);

/** Days as an iCalendar file (RFC 5545): whole days, since the hour is the salon's to set. */
export const calendarOf = (days: readonly CalendarDay[], now: Date): Promise<string> =>
	written({
		version: '2.0',
		prodId: '-//Zelvant//visits//EN',
		events: days.map(({ id, date, title, text }) => ({
			uid: `${id}@zelvant`,
			stamp: { date: now },
			summary: title,
			description: text,
			start: { date: new Date(date), type: 'DATE' },
			end: { date: new Date(dayAfter(date, 1)), type: 'DATE' }
		}))
	});

/** Something at a time of day. */
export interface CalendarTime extends CalendarDay {
	/** Local time of day, hh:mm. */
	readonly startTime: string;
	readonly minutes: number;
}

/** Times of a day as an iCalendar file: the hours are those of the clock on this wall. */
export const calendarOfTimes = (times: readonly CalendarTime[], now: Date): Promise<string> =>
	written({
		version: '2.0',
		prodId: '-//Zelvant//service//EN',
		events: times.map(({ id, date, startTime, minutes, title, text }) => {
			const start = new Date(`${date}T${startTime}:00`);
			return {
				uid: `${id}@zelvant`,
				stamp: { date: now },
				summary: title,
				description: text,
				start: { date: start },
				end: { date: new Date(start.getTime() + minutes * 60_000) }
			};
		})
	});

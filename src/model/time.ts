import { fromDate, parseDate, toCalendarDate } from '@internationalized/date';

/** A day as people mean it where they stand, ISO 8601: 2026-03-02. It has no time zone. */
export type Day = string;

/** A moment, and the day that it falls on where somebody stands. */
export interface Moment {
	readonly at: Date;
	readonly day: Day;
}

/** @param zone IANA name of the time zone, “America/Halifax” */
export const momentIn = (at: Date, zone: string): Moment => ({ at, day: dayIn(at, zone) });

/** The day that an instant falls on in a time zone. */
export const dayIn = (at: Date, zone: string): Day => toCalendarDate(fromDate(at, zone)).toString();

/** A day so many days later; before, where they are negative. */
export const dayAfter = (day: Day, days: number): Day => parseDate(day).add({ days }).toString();

/** Days from one day to another, negative where the other is the earlier. */
export const daysBetween = (from: Day, to: Day): number => parseDate(to).compare(parseDate(from));

export const DAYS_PER_WEEK = 7;
/** Weeks from one day to another, to a fraction. */
export const weeksBetween = (from: Day, to: Day): number => daysBetween(from, to) / DAYS_PER_WEEK;

const DAYS_PER_YEAR = 365.25;
export const yearsBetween = (from: Day, to: Day): number => daysBetween(from, to) / DAYS_PER_YEAR;

/** The day as a date at noon where the program runs: for what only takes dates, such as a calendar's words. */
export function noonOf(day: Day): Date {
	const { year, month, day: date } = parseDate(day);
	return new Date(year, month - 1, date, 12);
}

import { dayAfter, daysBetween, momentIn, type Moment } from '../time';
import type { Visit } from '../../schema/records';
import { demoPast } from './past';

/** Making the past up takes a second; it is done once, for this moment, and moved to that of whoever opens the demo. */
const MADE = momentIn(new Date('2026-03-02T10:00:00Z'), 'Etc/UTC');

const DAY = /^\d{4}-\d\d-\d\d$/;
const INSTANT = /^\d{4}-\d\d-\d\dT[\d:.]+Z$/;

/** The visits of `demoPast` as JSON, made up for a moment of their own: what `pastAt` reads. */
export const madePast = (): string => JSON.stringify(demoPast(MADE));

/**
 * The demo's past as it lies before a moment: every day and instant of it moved there.
 * @param made text of `madePast`
 */
export function pastAt(made: string, moment: Moment): Visit[] {
	const days = daysBetween(MADE.day, moment.day);
	const milliseconds = moment.at.getTime() - MADE.at.getTime();
	return JSON.parse(made, (_, value: unknown) => {
		if (typeof value !== 'string') return value;
		if (DAY.test(value)) return dayAfter(value, days);
		if (INSTANT.test(value)) return new Date(Date.parse(value) + milliseconds).toISOString();
		return value;
	}) as Visit[];
}

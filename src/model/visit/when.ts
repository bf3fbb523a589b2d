import { SERVICE_MINUTES } from '../../core/work';
import type { Visit } from '../../schema/records';

/**
 * Minutes until a bowl is wanted, seen from now; before the first stroke as if it were made now. Nothing for what
 * no plan gives a minute.
 */
export function minutesUntilWanted(
	{ run }: Pick<Visit, 'run'>,
	mixAtMinute: number | undefined,
	now: Date
): number | undefined {
	if (mixAtMinute === undefined) return undefined;
	const begun = run.startedAt ? (now.getTime() - new Date(run.startedAt).getTime()) / 60_000 : 0;
	return mixAtMinute - begun;
}

const clockOf = (date: Date): string =>
	`${date.getHours().toString().padStart(2, '0')}:${date.getMinutes().toString().padStart(2, '0')}`;

/** Times of day are told in these steps, minutes. */
const STEP = 5;

/**
 * Time of day of the first brush stroke: when the timer was started, or as somebody set it, or once the
 * consultation of who sits in the chair is over. Nothing for somebody who is still waited for.
 */
export function startOf({ bowls, run, chairSince }: Visit): string | undefined {
	if (run.startedAt) return clockOf(new Date(run.startedAt));
	if (bowls.startAt) return bowls.startAt;
	if (!chairSince) return undefined;
	const after = new Date(chairSince).getTime() + SERVICE_MINUTES.consult * 60_000;
	const rounded = Math.ceil(after / (STEP * 60_000)) * STEP * 60_000;
	return clockOf(new Date(rounded));
}

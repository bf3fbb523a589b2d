import type { Visit } from '../../schema/records';
import { toggleRun } from './run';

/** The clock of something that lies on the hair beside the sections, as the record keeps it. */
export type ProcessClock = NonNullable<Visit['run']['clocks']>[number];

/** Everything on a head that has a clock. */
type Run = Pick<Visit['run'], 'clocks'>;

/** The clock of one thing; nothing before it was begun. */
export const clockOf = ({ clocks }: Run, of: string): ProcessClock | undefined =>
	clocks?.find((clock) => clock.of === of);

/** Whether something lies on the hair by its clock. */
export const liesBy = (clock: Pick<ProcessClock, 'startedAt' | 'offAt'> | undefined): boolean =>
	clock?.startedAt !== undefined && clock.offAt === undefined;

/** What the clocks of the steps of a rinse go by, in the order in which they were begun. */
const RINSE = 'rinse ';

/** Whether product lies on this head, or is put on, as far as the clocks tell. */
export const isRunning = ({ run, status }: Visit): boolean =>
	status === 'inChair' &&
	((run.startedAt !== undefined && run.rinsedAtMinute === undefined) ||
		(run.clocks ?? []).some((clock) => liesBy(clock) && !clock.of.startsWith(RINSE)));

/** Whether anything was put on this head today, as far as the clocks tell. */
export const isBegun = ({ run }: Pick<Visit, 'run'>): boolean =>
	run.startedAt !== undefined ||
	(run.clocks ?? []).some(({ startedAt, of }) => startedAt !== undefined && !of.startsWith(RINSE));

/**
 * Starts the clock of something, holds it, or goes on, on a draft.
 * @param shown seconds that stood on it
 * @param minutes that it is planned to lie, where the plan of the day does not say so
 */
export function toggleClock(
	run: Run,
	of: string,
	now: Date,
	shown: number,
	minutes?: number
): void {
	let clock = clockOf(run, of);
	if (!clock || clock.offAt !== undefined) {
		// Put on once more it is another beginning.
		clock = { of, elapsedSeconds: 0, ...(minutes === undefined ? {} : { minutes }) };
		run.clocks = [...(run.clocks ?? []).filter((other) => other.of !== of), clock];
		toggleRun(clock, now, 0);
		return;
	}
	toggleRun(clock, now, shown);
}

/** It is off, on a draft: its clock stands still. */
export function stopClock(run: Run, of: string, now: Date, shown: number): void {
	const clock = clockOf(run, of);
	if (!clock || clock.offAt !== undefined) return;
	if (clock.runningSince) toggleRun(clock, now, shown);
	clock.offAt = now.toISOString();
}

/** Nothing lies on the head any more, on a draft: every clock of it stands still. */
export function allIsOff(run: Run, now: Date): void {
	for (const clock of run.clocks ?? []) {
		if (!liesBy(clock)) continue;
		const since = clock.runningSince ? now.getTime() - new Date(clock.runningSince).getTime() : 0;
		stopClock(run, clock.of, now, clock.elapsedSeconds + Math.max(0, since) / 1000);
	}
}

/** It was not off after all, on a draft: it has lain ever since. */
export function resumeClock(run: Run, of: string, now: Date): void {
	const clock = clockOf(run, of);
	if (clock?.offAt === undefined) return;
	clock.runningSince = clock.offAt;
	delete clock.offAt;
	if (now.getTime() < new Date(clock.runningSince).getTime())
		clock.runningSince = now.toISOString();
}

/** It was not begun after all, on a draft. */
export function forgetClock(run: Run, of: string): void {
	run.clocks = (run.clocks ?? []).filter((clock) => clock.of !== of);
}

/** Somebody looked at it, on a draft. */
export function noteLooked(run: Run, of: string, shown: number): void {
	const clock = clockOf(run, of);
	if (clock) clock.lookedMinute = Math.round(shown / 6) / 10;
}

/** The step of a rinse that is under way; nothing while nobody is at the basin. */
export const rinseClock = ({ clocks }: Run): ProcessClock | undefined =>
	clocks?.findLast((clock) => clock.of.startsWith(RINSE) && liesBy(clock));

/** Which step of a rinse a clock is of. */
export const rinseStepOf = ({ of }: Pick<ProcessClock, 'of'>): string => of.slice(RINSE.length);

/** Goes on to a step of a rinse, on a draft; nothing left to do, and it is done. */
export function nextRinseStep(run: Run, step: string | undefined, now: Date): void {
	// Of a head that is rinsed in parts the steps of the last part count.
	run.clocks = (run.clocks ?? []).filter(({ of }) => !of.startsWith(RINSE));
	if (step !== undefined) toggleClock(run, `${RINSE}${step}`, now, 0);
}

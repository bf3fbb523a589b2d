import { clockOf, liesBy, RINSE, type Run } from '../day/clocks';
import { toggleRun } from './run';

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

/** Goes on to a step of a rinse, on a draft; nothing left to do, and it is done. */
export function nextRinseStep(run: Run, step: string | undefined, now: Date): void {
	// Of a head that is rinsed in parts the steps of the last part count.
	run.clocks = (run.clocks ?? []).filter(({ of }) => !of.startsWith(RINSE));
	if (step !== undefined) toggleClock(run, `${RINSE}${step}`, now, 0);
}

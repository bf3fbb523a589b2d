import type { Visit } from '../../schema/records';

/** A timer as the record keeps it. */
export type Timer = Pick<Visit['run'], 'runningSince' | 'elapsedSeconds' | 'startedAt'>;

/** Longest that a timer counts, seconds: a day. */
const MOST_SECONDS = 86_400;

/** Seconds on the timer by the clock on the wall: what was gathered, and what runs since. */
export function elapsedSeconds(run: Timer, now: Date): number {
	const running = run.runningSince
		? Math.max(0, (now.getTime() - new Date(run.runningSince).getTime()) / 1000)
		: 0;
	return Math.min(MOST_SECONDS, run.elapsedSeconds + running);
}

/** A wall clock behind a steady one by more than this was set, seconds. */
const SET_BACK_SECONDS = 2;

/** Whether the clock on the wall was put back, by what it and a steady clock have counted. */
export const isSetBack = (wallSeconds: number, steadySeconds: number): boolean =>
	wallSeconds < steadySeconds - SET_BACK_SECONDS;

/**
 * Starts a held timer or holds a running one, on a draft.
 * @param shown seconds that stood on the timer: what is held is what was seen
 */
export function toggleRun(run: Timer, now: Date, shown: number): void {
	if (run.runningSince) {
		run.elapsedSeconds = Math.min(MOST_SECONDS, shown);
		delete run.runningSince;
		return;
	}
	run.runningSince = now.toISOString();
	run.startedAt ??= now.toISOString();
}

/** The wall clock was put back: from now on it counts from where the timer stands, also after a reload. */
export function rebaseRun(run: Timer, now: Date, shown: number): void {
	if (!run.runningSince) return;
	run.elapsedSeconds = Math.min(MOST_SECONDS, shown);
	run.runningSince = now.toISOString();
}

/** The lightener is off: the timer is held, its minute written down, and Chair is done. */
export function rinse(draft: Visit, now: Date, shown: number): void {
	if (draft.run.runningSince) toggleRun(draft.run, now, shown);
	draft.run.rinsedAtMinute = Math.floor(draft.run.elapsedSeconds / 60);
	if (!draft.settled.includes('chair')) draft.settled.push('chair');
}

/**
 * The last section is on, on a draft: from this the pace of the hands is learned.
 * @param shown seconds that stand on the timer
 * @param reckonedMinutes what was reckoned for usual hands
 */
export function logAllOn(run: Visit['run'], shown: number, reckonedMinutes: number): void {
	run.allOn = { minute: Math.max(1, Math.round(shown / 6) / 10), reckonedMinutes };
}

import type { Visit } from '../schema/records';

/** Seconds on the timer: what was gathered, and what runs since. */
export function elapsedSeconds(run: Visit['run'], now: Date): number {
	const running = run.runningSince
		? Math.max(0, (now.getTime() - new Date(run.runningSince).getTime()) / 1000)
		: 0;
	return Math.min(86_400, run.elapsedSeconds + running);
}

/** Starts a held timer or holds a running one; in place, on a draft. */
export function toggleRun(run: Visit['run'], now: Date): void {
	if (run.runningSince) {
		run.elapsedSeconds = elapsedSeconds(run, now);
		delete run.runningSince;
		return;
	}
	run.runningSince = now.toISOString();
	run.startedAt ??= now.toISOString();
}

/** Minutes and seconds as on a clock: 07:05, 72:40. */
export function formatClock(seconds: number): string {
	const whole = Math.floor(seconds);
	return `${Math.floor(whole / 60)
		.toString()
		.padStart(2, '0')}:${(whole % 60).toString().padStart(2, '0')}`;
}

/** The time of day, ticking while the page is open. The stored start, not the ticks, is what counts. */
export class Ticker {
	now = $state.raw(new Date());

	/** Call in an effect: starts ticking and returns what stops it. */
	run = (): (() => void) => {
		const timer = setInterval(() => (this.now = new Date()), 250);
		return () => clearInterval(timer);
	};
}

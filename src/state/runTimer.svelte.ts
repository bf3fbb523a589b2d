import { elapsedSeconds, isSetBack, type Timer } from '../model/commands/run';
import type { Clock } from './clock.svelte';

/**
 * The timer of a service as it is shown. It starts from what is stored and counts on by a clock that nobody
 * can set: the clock on the wall may be put back while it runs. It may stand still while a tablet sleeps,
 * so that time which passed on the wall alone counts.
 */
export class RunTimer {
	/** A moment at which the count was known, by both clocks. */
	#known: { readonly since: string; readonly steady: number; readonly seconds: number } | undefined;

	constructor(private readonly clock: Clock) {}

	/** Seconds on the timer. */
	seconds(run: Timer): number {
		// Asked for at every tick of the clock.
		const wall = elapsedSeconds(run, this.clock.shown);
		const since = run.runningSince;
		if (since === undefined) {
			this.#known = undefined;
			return wall;
		}
		const steady = this.clock.steady() / 1000;
		if (this.#known?.since !== since) {
			this.#known = { since, steady, seconds: wall };
			return wall;
		}
		const counted = this.#known.seconds + steady - this.#known.steady;
		if (isSetBack(wall, counted)) return counted;
		this.#known = { since, steady, seconds: wall };
		return wall;
	}
}

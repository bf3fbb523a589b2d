import type { Clock } from './clock.svelte';

/** The clock on the wall and one that nobody can set disagree by more than this, and somebody is asked, seconds. */
const JUMP_SECONDS = 60;

/**
 * Watches whether the clock of the device jumps: it was set, or the device slept while a clock that nobody can set
 * stood still. Nobody but a person knows which of it was.
 */
export class ClockWatch {
	readonly #clock: Clock;
	/** By how much the wall is ahead of the steady clock, ms; known from the first look on. */
	#ahead: number;

	constructor(clock: Clock) {
		this.#clock = clock;
		this.#ahead = this.#apart();
	}
	#apart(): number {
		return this.#clock.now().getTime() - this.#clock.steady();
	}
	/** @returns seconds that the wall went ahead since the last look, negative back; nothing where both agree */
	look(): number | undefined {
		const apart = this.#apart();
		const by = (apart - this.#ahead) / 1000;
		if (Math.abs(by) <= JUMP_SECONDS) return undefined;
		this.#ahead = apart;
		return by;
	}
}

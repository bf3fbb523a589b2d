import type { ComputeClient } from '../compute/client';
import type { TaskInput, TaskName, TaskResult } from '../compute/tasks';

/** A hand that has not moved for this long rests, ms. */
export const HAND_RESTS_MS = 140;

/**
 * One kind of search for one place on the screen. It runs in the worker; the last answer stands until
 * the next one is there, so that nothing goes blank while a dial is turned.
 */
export class Finder<N extends TaskName> {
	#found: TaskResult<N> | undefined = $state.raw();
	#asked: TaskInput<N> | undefined;
	/** Whether a newer answer is on its way. */
	searching = $state(false);
	/** Share of the search that is done, 0-1. */
	progress = $state(0);
	#abort: AbortController | undefined;
	/** Why the last search gave nothing; what was found before still stands. */
	trouble: string | undefined = $state();

	/** @param lane searches on one lane replace one another */
	constructor(
		private readonly compute: ComputeClient,
		private readonly task: N,
		private readonly lane: string
	) {}

	get found(): TaskResult<N> | undefined {
		return this.#found;
	}

	/** Asks anew, unless this was asked already. */
	async ask(input: TaskInput<N>): Promise<void> {
		if (input === this.#asked) return;
		this.#asked = input;
		this.searching = true;
		this.progress = 0;
		const abort = (this.#abort = new AbortController());
		const answer = await this.compute.run(this.task, input, {
			lane: this.lane,
			signal: abort.signal,
			onProgress: (share) => {
				if (input === this.#asked) this.progress = share;
			}
		});
		// A newer question was asked meanwhile: its own answer will come.
		if (input !== this.#asked) return;
		this.searching = false;
		if (answer.ok) {
			this.#found = answer.value;
			this.trouble = undefined;
		} else {
			this.trouble =
				answer.problem === 'cancelled'
					? `The search was stopped.${this.#found ? ' What was found before still stands.' : ''}`
					: answer.message;
			// The same question may be asked again.
			this.#asked = undefined;
		}
	}

	/** Stops the search that is under way; what was found before stands. */
	stop(): void {
		this.#abort?.abort();
	}
}

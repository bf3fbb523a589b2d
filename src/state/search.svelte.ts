import { untrack } from 'svelte';
import { createSubscriber } from 'svelte/reactivity';
import type { TaskInput, TaskName, TaskResult } from '../compute/tasks';
import { onTheSpot, workerOf, type Searches } from './searches';
import { steady } from './steady';

/** A hand that has not moved for this long rests, ms. */
const HAND_RESTS_MS = 140;

/** What was found, and for which question. */
interface Finding<Q, A> {
	readonly question: Q;
	readonly answer: A;
}

/**
 * One kind of search for one place on the screen. It asks by itself when somebody looks at it: at once the
 * first time, later whenever its question has changed and the hand that changes it rests. It runs in
 * the worker; the last answer stands until the next one is there, so that nothing goes blank while a dial
 * is turned. Once nobody looks any more, what is under way is left: the worker has others to answer. Without a
 * worker it is worked out in place.
 */
export class Search<N extends TaskName, Q extends TaskInput<N> = TaskInput<N>> {
	readonly #searches: Searches;
	readonly #task: N;
	readonly #lane: string;
	readonly #question: () => Q | undefined;
	#finding: Finding<Q, TaskResult<N>> | undefined = $state.raw();
	/** The question that was answered last, well or ill. */
	#answered: Q | undefined = $state.raw();
	#trouble: string | undefined = $state();
	#progress = $state(0);
	#begun = false;
	/** What somebody who looked last wanted to know. */
	#wanted: Q | undefined;
	#timer: ReturnType<typeof setTimeout> | undefined;
	#abort: AbortController | undefined;
	readonly #watched = createSubscriber(() => () => this.#leave());

	/**
	 * @param searches the door to the worker, or whoever answers on the spot
	 * @param lane searches on one lane replace one another
	 * @param question what is to be found out as things are; nothing while there is nothing to ask
	 */
	constructor(searches: Searches, task: N, lane: string, question: () => Q | undefined) {
		this.#searches = searches;
		this.#task = task;
		this.#lane = lane;
		this.#question = steady(question);
	}

	#asked: Q | undefined = $derived.by(() => this.#question());
	#inPlace: Finding<Q, TaskResult<N>> | undefined = $derived.by(() => {
		const spot = onTheSpot(this.#searches)?.[this.#task];
		const question = this.#asked;
		return spot && question && { question, answer: spot(question) };
	});
	/** Somebody looks at the answer: it is asked for, at once the first time, else when the hand rests. */
	#looked(): void {
		if (!$effect.tracking()) return;
		this.#watched();
		const question = this.#asked;
		if (question === this.#wanted) return;
		this.#wanted = question;
		clearTimeout(this.#timer);
		if (!question) return;
		// Never while something is being worked out: what is asked changes what is shown.
		this.#timer = setTimeout(() => void this.#ask(question), this.#begun ? HAND_RESTS_MS : 0);
		this.#begun = true;
	}

	/** Nobody looks any more: whoever looks next asks anew, unless there is an answer by now. */
	#leave(): void {
		if (this.#wanted === this.#answered) return;
		clearTimeout(this.#timer);
		const left = this.#abort;
		this.#abort = undefined;
		this.#wanted = undefined;
		this.#begun = false;
		left?.abort();
	}

	/** The last answer with its question; nothing where nothing is asked. */
	get finding(): Finding<Q, TaskResult<N>> | undefined {
		if (onTheSpot(this.#searches)) return this.#inPlace;
		this.#looked();
		return this.#asked && this.#finding;
	}
	/** The last answer; nothing where nothing is asked. */
	get found(): TaskResult<N> | undefined {
		return this.finding?.answer;
	}
	/** Whether a newer answer is on its way. */
	get searching(): boolean {
		if (onTheSpot(this.#searches)) return false;
		this.#looked();
		return this.#asked !== undefined && this.#asked !== this.#answered;
	}
	/** Why the last search gave nothing; what was found before still stands. */
	get trouble(): string | undefined {
		return this.searching ? undefined : this.#trouble;
	}
	/** Share of the search that is done, 0-1. */
	get progress(): number {
		return this.#progress;
	}

	/** Asks once more: the last search gave nothing, or was stopped. */
	again(): void {
		const question = untrack(() => this.#asked);
		if (!question) return;
		this.#answered = undefined;
		this.#wanted = question;
		void this.#ask(question);
	}
	/** Stops the search that is under way; what was found before stands. */
	stop(): void {
		this.#abort?.abort();
	}

	async #ask(question: Q): Promise<void> {
		const compute = workerOf(this.#searches);
		if (!compute) return;
		this.#progress = 0;
		const abort = (this.#abort = new AbortController());
		const answer = await compute.run(this.#task, question, {
			lane: this.#lane,
			signal: abort.signal,
			onProgress: (share) => {
				if (abort === this.#abort) this.#progress = share;
			}
		});
		// A newer question was asked meanwhile: its own answer will come.
		if (abort !== this.#abort) return;
		this.#answered = question;
		if (answer.ok) {
			this.#finding = { question, answer: answer.value };
			this.#trouble = undefined;
		} else {
			this.#trouble =
				answer.problem === 'cancelled'
					? `The search was stopped.${this.#finding ? ' What was found before still stands.' : ''}`
					: answer.message;
		}
	}
}

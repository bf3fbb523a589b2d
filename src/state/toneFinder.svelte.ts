import type { Answer, ComputeClient } from '../compute/client';
import type { TonerAnswer } from '../core/plan';
import type { ToneSearchQuestion } from '../model/visit/tone';

/** What a search found, and for which line. */
export interface ToneSearch extends TonerAnswer {
	readonly lineId: string;
}

/**
 * The search for a toner of one visit. It runs in the worker; the last answer stands until the next
 * one is there, so that nothing on the screen goes blank while a dial is turned.
 */
export class ToneFinder {
	#found: ToneSearch | undefined = $state.raw();
	#asked: ToneSearchQuestion | undefined;
	/** Whether a newer answer is on its way. */
	searching = $state(false);
	/** Why the last search gave nothing; what was found before still stands. */
	trouble: string | undefined = $state();

	/**
	 * @param compute the door to the worker; left out, nothing is asked
	 * @param lane searches on one lane replace one another
	 */
	constructor(
		private readonly compute: ComputeClient | undefined,
		private readonly lane: string
	) {}

	/** The last answer for a line; an answer for another line is none. */
	found(lineId: string | undefined): ToneSearch | undefined {
		return this.#found?.lineId === lineId ? this.#found : undefined;
	}

	/** Whether anything was asked yet. Not reactive: it only decides how soon the next is asked. */
	hasAsked = false;

	/** Asks anew, unless this was asked already. */
	async ask(question: ToneSearchQuestion | undefined): Promise<void> {
		if (!this.compute || !question || question === this.#asked) return;
		this.#asked = question;
		this.hasAsked = true;
		this.searching = true;
		const { problem, fibre } = question;
		const answer = await this.compute.run('findToner', { problem, fibre }, { lane: this.lane });
		this.#take(question, answer);
	}

	#take(question: ToneSearchQuestion, answer: Answer<TonerAnswer>): void {
		// A newer question was asked meanwhile: its own answer will come.
		if (question !== this.#asked) return;
		this.searching = false;
		if (answer.ok) {
			this.#found = { ...answer.value, lineId: question.lineId };
			this.trouble = undefined;
		} else {
			this.trouble = answer.message;
			// The same question may be asked again.
			this.#asked = undefined;
		}
	}
}

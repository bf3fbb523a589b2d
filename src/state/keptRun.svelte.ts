import type { Act } from '../core/practice';
import { MOST_HEADS } from '../core/vocabulary';
import { newId } from '../model/identity';
import type { WorkedHead } from '../schema/records';
import type { Workspace } from '../store/workspace.svelte';
import type { HeadRun } from './headRun.svelte';

/** What a run is kept with. */
export interface Keeper {
	readonly workspace: Workspace;
	readonly now: () => Date;
	/** Whoever practises; nothing before somebody said. */
	readonly learner: () => string | undefined;
}

/**
 * A run of a simulated head in the record of whoever works it, as far as it is: whoever closes the page goes on where
 * it was. It stays with whom it began, whoever is chosen meanwhile.
 */
export class KeptRun {
	readonly #run: HeadRun;
	readonly #keeper: Keeper;
	readonly #id: string;
	readonly #at: string;
	#learner: string | undefined;
	/** What stands in the record of it. */
	#kept: { readonly acts: readonly Act[]; readonly score: number | undefined };

	/** @param worked the run as it was kept before; nothing of one that begins */
	constructor(run: HeadRun, keeper: Keeper, worked?: WorkedHead) {
		this.#run = run;
		this.#keeper = keeper;
		this.#id = worked?.id ?? newId();
		this.#at = worked?.at ?? keeper.now().toISOString();
		this.#learner = worked && keeper.learner();
		this.#kept = { acts: run.acts, score: worked?.score };
	}

	/** Whether there is something of it that the record does not hold. */
	get isBehind(): boolean {
		const { acts, score } = this.#kept;
		return this.#run.acts.length > 0 && (this.#run.acts !== acts || this.#score !== score);
	}
	get #score(): number | undefined {
		return this.#run.reviewing.found?.outcome.score ?? this.#kept.score;
	}

	/** Writes down what is new of it. */
	keep(): void {
		const learner = (this.#learner ??= this.#keeper.learner());
		if (learner === undefined || !this.isBehind) return;
		// Whoever was taken out of the records meanwhile is not brought back by it.
		if (!this.#keeper.workspace.learners.has(learner)) return;
		const { acts, seed } = this.#run;
		const score = this.#score;
		this.#kept = { acts, score };
		const own = {
			id: this.#id,
			at: this.#at,
			seed,
			...(score === undefined ? {} : { score }),
			acts: [...acts]
		} as WorkedHead;
		this.#keeper.workspace.transact('a head worked', (draft) => {
			const person = draft.learner(learner);
			const others = person.heads.filter(({ id }) => id !== this.#id);
			person.heads = [...others, own].slice(-MOST_HEADS);
		});
	}

	/**
	 * Begins the same head anew.
	 * @returns takes that back; nothing where nobody practises
	 */
	anew(): (() => void) | undefined {
		const learner = (this.#learner ??= this.#keeper.learner());
		const { workspace } = this.#keeper;
		if (learner === undefined || !workspace.learners.has(learner)) return undefined;
		const before = this.#run.acts;
		this.#run.acts = [];
		this.#kept = { acts: this.#run.acts, score: undefined };
		const step = workspace.transact('a head begun anew', (draft) => {
			const person = draft.learner(learner);
			person.heads = person.heads.filter(({ id }) => id !== this.#id);
		});
		return () => {
			if (step !== undefined) workspace.undo(step);
			this.#run.acts = before;
		};
	}
}

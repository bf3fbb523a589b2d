import {
	judge,
	makeQuestion,
	type Judged,
	type Lesson,
	type Question,
	type Rung
} from '../core/practice';
import { abilityIn, keepAnswer, nextOf, openQuestion } from '../model/practice/learner';
import type { Learner } from '../schema/records';
import type { Workspace } from '../store/workspace.svelte';

/** What was asked in a sitting, and whether it was right. */
interface Asked {
	readonly lesson: Lesson;
	readonly matter: string;
	readonly right: boolean;
}

/** What a sitting is of. */
export interface SittingSource {
	readonly workspace: Workspace;
	readonly learnerId: string;
	readonly now: () => Date;
	/** A whole number below 2³¹ that was not there before. */
	readonly seed: () => number;
	/** Lessons that are asked from; all of them in a mixed sitting. */
	readonly lessons: readonly Lesson[];
	/** A teacher's set, in place of what the scheduler would ask. */
	readonly setId?: string | undefined;
}

/** One sitting: a question, its answer, why, and the next. */
export class Sitting {
	readonly #source: SittingSource;
	asked: readonly Asked[] = $state.raw([]);
	question: Question | undefined = $state.raw();
	given: string | number | undefined = $state.raw();
	judged: Judged | undefined = $state.raw();

	constructor(source: SittingSource) {
		this.#source = source;
		this.next();
	}

	get #learner(): Learner {
		return this.#source.workspace.learners.get(this.#source.learnerId)!;
	}
	get #set() {
		return this.#learner.sets.find(({ id }) => id === this.#source.setId);
	}
	get right(): number {
		return this.asked.filter(({ right }) => right).length;
	}
	/** How many of a set are answered, and how many there are; nothing outside one. */
	get progress(): { readonly done: number; readonly of: number } | undefined {
		const set = this.#set;
		return (
			set && {
				done: set.questions.filter(({ right }) => right !== undefined).length,
				of: set.questions.length
			}
		);
	}

	/** Asks the next; of a set that is through, nothing. */
	next(): void {
		this.given = undefined;
		this.judged = undefined;
		const set = this.#set;
		if (this.#source.setId !== undefined) {
			const open = openQuestion(set);
			this.question = open && makeQuestion(open.lesson, open.matter, open.rung as Rung, open.seed);
			return;
		}
		const learner = this.#learner;
		const { lessons, now, seed } = this.#source;
		const { lesson, matter } = nextOf(learner, lessons, this.asked, now());
		this.question = makeQuestion(lesson, matter, abilityIn(learner, lesson).rung, seed());
	}

	/** Answers what is asked, once. */
	answer(given: string | number): void {
		const { question } = this;
		if (!question || this.judged) return;
		const judged = judge(question, given);
		this.given = given;
		this.judged = judged;
		const { lesson, matter, seed } = question;
		this.asked = [...this.asked, { lesson, matter, right: judged.right }];
		const { workspace, learnerId, now, setId } = this.#source;
		workspace.transact('practised', (draft) => {
			const learner = draft.learner(learnerId);
			keepAnswer(learner, question, judged, now());
			const open = learner.sets
				.find(({ id }) => id === setId)
				?.questions.find((each) => each.seed === seed && each.right === undefined);
			if (open) open.right = judged.right;
		});
	}
}

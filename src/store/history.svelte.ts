import { dequal as equal } from 'dequal/lite';
import { newId } from '../model/identity';
import type { Change } from './transaction';

/** What was changed, in a word, and on which areas where it was some. */
export type Label = string | { readonly what: string; readonly areas: readonly string[] };

/** A transaction that can be taken back. Documents are immutable, so a step costs two references each. */
export interface Step {
	readonly id: string;
	readonly label: Label;
	readonly changes: ReadonlyMap<string, Change>;
	readonly at: number;
	readonly gesture: number | undefined;
}

/** Steps kept; a long day stays within it. */
const MOST_STEPS = 200;
/** Changes of one control within this time (ms) are one step: a drag is undone whole. */
const MERGE_MS = 700;

/** The one history of a workspace: what was done, and what of it was taken back. */
export class StepHistory {
	past = $state.raw<readonly Step[]>([]);
	future = $state.raw<readonly Step[]>([]);

	/** @param clock milliseconds that never run back; handed in so that merging can be tested */
	constructor(private readonly clock: () => number = () => performance.now()) {}

	/** The last step of all documents, or of those that touch one of these. */
	last(list: 'past' | 'future', keys?: readonly string[]): Step | undefined {
		return this[list].findLast(({ changes }) => !keys || keys.some((key) => changes.has(key)));
	}

	find(id: string): Step | undefined {
		return this.past.find((step) => step.id === id);
	}

	/**
	 * Remembers a change. Changes under one label to the same documents are one step when they follow
	 * quickly or belong to one press.
	 * @param gesture the number of the press that is being held, if any
	 * @returns the id of the step
	 */
	record(label: Label, changes: ReadonlyMap<string, Change>, gesture?: number): string {
		const at = this.clock();
		const last = this.past.at(-1);
		this.future = [];
		const quick = last !== undefined && at - last.at < MERGE_MS;
		const alike =
			last !== undefined &&
			equal(last.label, label) &&
			last.gesture === gesture &&
			changes.size === last.changes.size &&
			[...changes.keys()].every((key) => last.changes.has(key));
		if (alike && (gesture !== undefined || quick)) {
			const joined = new Map(
				[...changes].map(([key, { after }]) => [
					key,
					{ before: last.changes.get(key)!.before, after }
				])
			);
			this.past = [...this.past.slice(0, -1), { ...last, changes: joined, at }];
			return last.id;
		}
		const step: Step = { id: newId(), label, changes, at, gesture };
		this.past = [...this.past.slice(-(MOST_STEPS - 1)), step];
		return step.id;
	}

	/** Moves a step over to what can be done again, or back to what was done. */
	move(step: Step, to: 'past' | 'future'): void {
		const without = (steps: readonly Step[]) => steps.filter(({ id }) => id !== step.id);
		// What was taken back or done again is not merged with what follows.
		const moved: Step = { ...step, at: -Infinity, gesture: undefined };
		this.past = to === 'past' ? [...without(this.past), moved] : without(this.past);
		this.future = to === 'future' ? [...without(this.future), moved] : without(this.future);
	}
}

/** A change that can be taken back. Documents are immutable, so a snapshot costs one reference. */
interface Step<T> {
	readonly before: T;
	readonly label: string;
	readonly at: number;
	readonly gesture?: number | undefined;
}

/** Steps kept; a long day at one visit stays within it. */
const MOST_STEPS = 200;
/** Changes of one control within this time (ms) are one step: a drag is undone whole. */
const MERGE_MS = 700;

/** Undo and redo of one immutable value. */
export class History<T> {
	#past = $state.raw<readonly Step<T>[]>([]);
	#future = $state.raw<readonly Step<T>[]>([]);
	readonly #clock: () => number;

	/** @param clock milliseconds; handed in so that merging can be tested */
	constructor(clock: () => number = () => performance.now()) {
		this.#clock = clock;
	}

	get canUndo(): boolean {
		return this.#past.length > 0;
	}

	get canRedo(): boolean {
		return this.#future.length > 0;
	}

	/**
	 * Remembers the value before a change. Changes with one label are merged when they follow quickly
	 * or belong to one press.
	 * @param gesture the number of the press that is being held, if any
	 */
	record(before: T, label: string, gesture?: number): void {
		const at = this.#clock();
		const last = this.#past.at(-1);
		this.#future = [];
		const same = gesture === undefined ? last?.gesture === undefined : last?.gesture === gesture;
		const quick = last !== undefined && at - last.at < MERGE_MS;
		if (last?.label === label && same && (gesture !== undefined || quick)) {
			this.#past = [...this.#past.slice(0, -1), { ...last, at }];
			return;
		}
		this.#past = [...this.#past.slice(-(MOST_STEPS - 1)), { before, label, at, gesture }];
	}

	/** The value before the last change, or nothing. */
	undo(current: T): { value: T; label: string } | undefined {
		const step = this.#past.at(-1);
		if (!step) return undefined;
		this.#past = this.#past.slice(0, -1);
		this.#future = [...this.#future, { before: current, label: step.label, at: -Infinity }];
		return { value: step.before, label: step.label };
	}

	/** The value the last undo took back, or nothing. */
	redo(current: T): { value: T; label: string } | undefined {
		const step = this.#future.at(-1);
		if (!step) return undefined;
		this.#future = this.#future.slice(0, -1);
		this.#past = [...this.#past, { before: current, label: step.label, at: -Infinity }];
		return { value: step.before, label: step.label };
	}
}

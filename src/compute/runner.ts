import { useLadder } from '../core/colour';
import type { Steps } from '../core/steps';
import { PROTOCOL, type FromWorker, type ToWorker } from './protocol';

/** Milliseconds of work between two looks at the messages that came in. */
const SLICE_MS = 8;

/** Tasks by name; each takes its message and works in steps. */
export type TaskTable = Readonly<Record<string, (input: never) => Steps<unknown>>>;

/** Waits until messages that came in have been received. */
const breathe = (): Promise<void> => new Promise((resolve) => setTimeout(resolve));

/**
 * The worker's side: runs tasks in slices, so that a cancellation is heard in between, and answers
 * every request exactly once. A task that throws answers with its message; it stops nothing else.
 */
export class TaskRunner {
	readonly #running = new Set<number>();

	constructor(
		private readonly tasks: TaskTable,
		private readonly send: (message: FromWorker) => void
	) {}

	receive(message: ToWorker): void {
		const { v, id } = message;
		if (message.kind === 'cancel') {
			this.#running.delete(id);
			return;
		}
		if (v !== PROTOCOL) {
			this.#answer({
				v: PROTOCOL,
				id,
				kind: 'failed',
				message: 'The page and its worker are of two versions. Load the page again.'
			});
			return;
		}
		// What still runs for another ladder answers to a page that has gone over to this one.
		useLadder(message.ladder);
		void this.#run(id, message.task, message.input);
	}

	async #run(id: number, task: string, input: unknown): Promise<void> {
		this.#running.add(id);
		try {
			const begin = this.tasks[task];
			if (!begin) throw new Error(`there is no task “${task}”`);
			const steps = begin(input as never);
			let next = this.#slice(steps);
			while (!next.done) {
				this.#answer({ v: PROTOCOL, id, kind: 'progress', share: next.value });
				await breathe();
				if (!this.#running.has(id)) {
					steps.return(undefined);
					this.#answer({ v: PROTOCOL, id, kind: 'cancelled' });
					return;
				}
				next = this.#slice(steps);
			}
			this.#answer({ v: PROTOCOL, id, kind: 'done', result: next.value });
		} catch (error) {
			const message = error instanceof Error ? error.message : String(error);
			this.#answer({ v: PROTOCOL, id, kind: 'failed', message });
		} finally {
			this.#running.delete(id);
		}
	}

	/** Works for a slice of time, at least one step. */
	#slice(steps: Steps<unknown>): IteratorResult<number, unknown> {
		const until = performance.now() + SLICE_MS;
		let next = steps.next();
		while (!next.done && performance.now() < until) next = steps.next();
		return next;
	}

	#answer(message: FromWorker): void {
		this.send(message);
	}
}

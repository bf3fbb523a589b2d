import { ladderInUse } from '../core/colour';
import { PROTOCOL, type FromWorker, type ToWorker } from './protocol';
import type { TaskInput, TaskName, TaskResult } from './tasks';

/** What of a Worker is used; tests stand in for it. */
export interface WorkerLike {
	postMessage(message: ToWorker): void;
	terminate(): void;
	onmessage: ((event: { data: FromWorker }) => void) | null;
	onerror: ((event: { message?: string; preventDefault?(): void }) => void) | null;
	onmessageerror: ((event: unknown) => void) | null;
}

/** Why there is no result. */
export type Trouble =
	/** A newer request on the same lane took its place. */
	| 'stale'
	/** Whoever asked no longer wants it. */
	| 'cancelled'
	/** The worker broke, twice; it was started again for the next request. */
	| 'crashed'
	/** The task itself could not do it; the message says why. */
	| 'failed';

export type Answer<T> =
	| { readonly ok: true; readonly value: T }
	| { readonly ok: false; readonly problem: Trouble; readonly message: string };

export interface RunOptions {
	/** Share done, 0-1. */
	readonly onProgress?: ((share: number) => void) | undefined;
	readonly signal?: AbortSignal | undefined;
	/** Requests on one lane replace one another: only the newest is worked on and answered. */
	readonly lane?: string | undefined;
}

interface Pending {
	readonly message: ToWorker;
	readonly lane: string | undefined;
	readonly onProgress: ((share: number) => void) | undefined;
	readonly settle: (answer: Answer<unknown>) => void;
	/** How often the worker broke under it. */
	crashes: number;
	watch: ReturnType<typeof setTimeout> | undefined;
}

/** A worker that says nothing for this long while it should be working is taken for dead, ms. */
const SILENCE_MS = 15_000;
/** A request is tried again once after a crash: the fault may have been another's. */
const TRIES = 2;

/**
 * The one door to the workers. Every request is answered exactly once, with a result or with the
 * trouble; replies that nobody waits for any more are dropped; a worker that breaks or falls silent is
 * replaced, and what it was working on is tried once more. Our own protocol and not a library's: those
 * leave a call open for ever when the worker dies.
 */
export class ComputeClient {
	readonly #pending = new Map<number, Pending>();
	#worker: WorkerLike | undefined;
	#nextId = 1;
	/** Whether the worker of now has ever answered. */
	#spoke = false;
	/** Workers that never spoke were never able to: from then on the work is done in place. */
	#barred = false;

	/** @param startWorker makes a worker; nothing where there are none, and work is done in place */
	constructor(
		private readonly startWorker: () => WorkerLike | undefined,
		private readonly silenceMs = SILENCE_MS
	) {}

	run<N extends TaskName>(
		task: N,
		input: TaskInput<N>,
		options: RunOptions = {}
	): Promise<Answer<TaskResult<N>>> {
		const id = this.#nextId++;
		const { lane, signal, onProgress } = options;
		if (signal?.aborted) return Promise.resolve(CANCELLED);
		if (lane !== undefined) this.#clearLane(lane);
		return new Promise((resolve) => {
			const cancel = () => this.#drop(id, CANCELLED);
			signal?.addEventListener('abort', cancel, { once: true });
			const settle = (answer: Answer<unknown>) => {
				signal?.removeEventListener('abort', cancel);
				resolve(answer as Answer<TaskResult<N>>);
			};
			const message: ToWorker = {
				v: PROTOCOL,
				id,
				kind: 'run',
				task,
				input,
				ladder: ladderInUse()
			};
			this.#pending.set(id, { message, lane, onProgress, settle, crashes: 0, watch: undefined });
			this.#post(id, message);
		});
	}

	/** Stops the worker; what was asked is answered as cancelled. */
	close(): void {
		for (const id of [...this.#pending.keys()]) this.#drop(id, CANCELLED);
		this.#worker?.terminate();
		this.#worker = undefined;
	}

	#clearLane(lane: string): void {
		for (const [id, pending] of this.#pending) {
			if (pending.lane === lane) this.#drop(id, STALE);
		}
	}

	/** Answers a request without its result and tells the worker to leave it. */
	#drop(id: number, answer: Answer<never>): void {
		if (!this.#pending.has(id)) return;
		this.#settle(id, answer);
		this.#worker?.postMessage({ v: PROTOCOL, id, kind: 'cancel' });
	}

	#settle(id: number, answer: Answer<unknown>): void {
		const pending = this.#pending.get(id);
		if (!pending) return;
		clearTimeout(pending.watch);
		this.#pending.delete(id);
		pending.settle(answer);
	}

	#post(id: number, message: ToWorker): void {
		try {
			this.#worker ??= this.#start();
			this.#worker.postMessage(message);
			this.#watch(id);
		} catch (error) {
			// What cannot be sent (a function among the input) would never be answered.
			this.#settle(id, failed(error instanceof Error ? error.message : String(error)));
		}
	}

	#start(): WorkerLike {
		const worker = (this.#barred ? undefined : this.startWorker()) ?? inPlace();
		this.#spoke = false;
		worker.onmessage = ({ data }) => this.#receive(data);
		worker.onerror = (event) => {
			event.preventDefault?.();
			this.#crash(worker, event.message ?? 'the worker stopped');
		};
		worker.onmessageerror = () => this.#crash(worker, 'a message could not be read');
		return worker;
	}

	#receive(message: FromWorker): void {
		this.#spoke = true;
		const pending = this.#pending.get(message.id);
		// A reply to what was cancelled or replaced: nobody waits for it.
		if (!pending) return;
		if (message.v !== PROTOCOL) {
			this.#settle(
				message.id,
				failed('The page and its worker are of two versions. Load the page again.')
			);
			return;
		}
		switch (message.kind) {
			case 'progress':
				this.#watch(message.id);
				pending.onProgress?.(message.share);
				break;
			case 'done':
				this.#settle(message.id, { ok: true, value: message.result });
				break;
			case 'failed':
				this.#settle(message.id, failed(message.message));
				break;
			case 'cancelled':
				this.#settle(message.id, CANCELLED);
		}
	}

	/** Begins or restarts the watch for a sign of life. */
	#watch(id: number): void {
		const pending = this.#pending.get(id);
		if (!pending) return;
		clearTimeout(pending.watch);
		const worker = this.#worker;
		pending.watch = setTimeout(() => {
			if (worker) this.#crash(worker, 'the worker fell silent');
		}, this.silenceMs);
	}

	#crash(worker: WorkerLike, reason: string): void {
		if (worker !== this.#worker) return;
		worker.terminate();
		this.#worker = undefined;
		if (!this.#spoke) this.#barred = true;
		for (const [id, pending] of [...this.#pending]) {
			clearTimeout(pending.watch);
			pending.crashes++;
			if (pending.crashes < TRIES) this.#post(id, pending.message);
			else {
				const message = `The calculation stopped (${reason}). Your entries are kept; change anything to try again.`;
				this.#settle(id, { ok: false, problem: 'crashed', message });
			}
		}
	}
}

const CANCELLED: Answer<never> = {
	ok: false,
	problem: 'cancelled',
	message: 'The calculation was cancelled.'
};
const STALE: Answer<never> = {
	ok: false,
	problem: 'stale',
	message: 'A newer calculation took its place.'
};
const failed = (message: string): Answer<never> => ({ ok: false, problem: 'failed', message });

/**
 * The same protocol without a thread of its own: on the server, in tests, where workers are barred. The
 * work is loaded when it is first asked for.
 */
function inPlace(): WorkerLike {
	const worker: WorkerLike = {
		postMessage: (message) => void runner.then((run) => run.receive(message)),
		terminate: () => undefined,
		onmessage: null,
		onerror: null,
		onmessageerror: null
	};
	const runner = import('./inPlace').then(({ runnerInPlace }) =>
		runnerInPlace((data) => worker.onmessage?.({ data }))
	);
	return worker;
}

/**
 * A long search that can be watched and left: it yields the share done, 0-1, at short intervals, and
 * returns its result. Whoever runs it decides what happens in between.
 */
export type Steps<T> = Generator<number, T, void>;

/** Runs a search to its end without a pause. */
export function finish<T>(steps: Steps<T>): T {
	for (;;) {
		const next = steps.next();
		if (next.done) return next.value;
	}
}

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

/** A search as a part of a larger one, whose shares run from one to another. */
export function* within<T>(steps: Steps<T>, from: number, to: number): Steps<T> {
	for (;;) {
		const next = steps.next();
		if (next.done) return next.value;
		yield from + (to - from) * next.value;
	}
}

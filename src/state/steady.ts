import { dequal as equal } from 'dequal/lite';

/**
 * Works something out, and gives the very value it gave before while nothing of it has changed: what is
 * derived from it is then not worked out again.
 */
export function steady<T>(work: () => T): () => T {
	let last: T;
	return () => {
		const next = work();
		return (last = equal(next, last) ? last : next);
	};
}

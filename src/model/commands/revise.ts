import { produce } from 'immer';
import type { AnyDocument } from '../../schema/records';

/**
 * A document with a change made on a draft, dated now; the same object when nothing changed.
 * What the recipe returns is of no matter, so that a short arrow may assign.
 */
export function revise<D extends AnyDocument>(
	document: D,
	recipe: (draft: D) => unknown,
	now: Date
): D {
	const after = produce(document, (draft) => {
		recipe(draft as D);
	});
	return after === document ? document : { ...after, updatedAt: now.toISOString() };
}

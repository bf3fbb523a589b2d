import { anyDocument, type AnyDocument } from '../schema/records';
import { keyOf } from '../model/identity';

/**
 * Changes not yet in the store. The store writes a moment later and asynchronously; localStorage is
 * written at once, so a tab closed or crashed in between loses nothing.
 */
export interface Journal {
	note(document: AnyDocument): void;
	settle(document: AnyDocument): void;
	pending(): AnyDocument[];
}

/** A journal in localStorage under a prefix; a full or forbidden localStorage only costs the journal. */
export function localJournal(prefix: string, storage: Storage): Journal {
	const at = (document: AnyDocument) => `${prefix}${keyOf(document)}`;
	return {
		note(document) {
			try {
				storage.setItem(at(document), JSON.stringify(document));
			} catch {
				// The store's own write follows and reports a full disk itself.
			}
		},
		settle(document) {
			const kept = storage.getItem(at(document));
			// A later change may have been noted while this one was being written.
			if (kept && (JSON.parse(kept) as AnyDocument).updatedAt <= document.updatedAt) {
				storage.removeItem(at(document));
			}
		},
		pending() {
			const found: AnyDocument[] = [];
			for (let i = 0; i < storage.length; i++) {
				const key = storage.key(i);
				if (!key?.startsWith(prefix)) continue;
				try {
					const parsed = anyDocument.safeParse(JSON.parse(storage.getItem(key) ?? ''));
					if (parsed.success) found.push(parsed.data);
				} catch {
					// A half-written entry is worth nothing; the store still holds the document before it.
				}
			}
			return found;
		}
	};
}

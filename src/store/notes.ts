import { keyOf } from '../model/identity';
import { readDocument, type Workspace } from './workspace.svelte';

/**
 * Storage is asynchronous, and a page that closes does not wait for it. What is not stored at that moment is
 * noted in localStorage, which is written at once, and taken over by the next page that opens: never while
 * somebody works.
 */
const prefixOf = (salon: string): string => `zelvant.journal.${salon}.`;

/** Notes what is not stored yet. A full or forbidden localStorage only costs the note. */
export function leaveNotes(workspace: Workspace, salon: string, storage: Storage): void {
	for (const { key, change } of workspace.unsaved) {
		// Pictures are no text, and are stored as soon as they are taken.
		if (key.startsWith('picture:')) continue;
		try {
			const { before = null, after = null } = change;
			storage.setItem(prefixOf(salon) + key, JSON.stringify({ before, after }));
		} catch {
			return;
		}
	}
}

const documentIn = (value: unknown) => {
	const read = readDocument(value);
	return read.ok ? read.document : undefined;
};

/**
 * Takes over what a closed page noted, and what an earlier Zelvant noted in a form of its own, through the
 * migrations; the notes are cleared when it is safe.
 * @param salon which records are opened
 */
export function takeNotes(workspace: Workspace, salon: string, storage: Storage): void {
	const keys = Array.from({ length: storage.length }, (_, i) => storage.key(i)).filter(
		(key): key is string => key?.startsWith(prefixOf(salon)) === true
	);
	if (keys.length === 0) return;
	for (const key of keys) {
		const noted = parsed(storage.getItem(key));
		if (noted === undefined) continue;
		// Documents of an earlier Zelvant say what kind they are.
		if (!('kind' in noted)) {
			const after = documentIn(noted['after']);
			// A note that cannot be read is no removal.
			if (!after && noted['after'] !== null) continue;
			const before = documentIn(noted['before']);
			workspace.takeOver(key.slice(prefixOf(salon).length), { before, after });
			continue;
		}
		const read = readDocument(noted);
		if (!read.ok) continue;
		const stored = workspace.get(keyOf(read.document));
		if (!stored || stored.updatedAt < read.document.updatedAt) {
			workspace.begin([read.document, ...read.also]);
		}
	}
	void workspace.flush().then(() => {
		if (workspace.saveState.status === 'saved') for (const key of keys) storage.removeItem(key);
	});
}

/** A half-written note is worth nothing; the store still holds the document before it. */
function parsed(text: string | null): Record<string, unknown> | undefined {
	try {
		const value: unknown = JSON.parse(text ?? '');
		return typeof value === 'object' && value !== null
			? (value as Record<string, unknown>)
			: undefined;
	} catch {
		return undefined;
	}
}

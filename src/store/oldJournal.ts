import { keyOf } from '../model/identity';
import type { Workspace } from './workspace.svelte';
import { readDocument } from './workspace.svelte';

/**
 * Changes that an earlier Zelvant noted in localStorage and did not get to store: they are taken over once,
 * through the migrations, and the notes cleared when they are safe.
 * @param salon which records are opened
 */
export function takeOldJournal(workspace: Workspace, salon: string, storage: Storage): void {
	const prefix = `zelvant.journal.${salon}.`;
	const keys = Array.from({ length: storage.length }, (_, i) => storage.key(i)).filter(
		(key): key is string => key?.startsWith(prefix) === true
	);
	if (keys.length === 0) return;
	const found = keys.flatMap((key) => {
		try {
			const read = readDocument(JSON.parse(storage.getItem(key) ?? ''));
			return read.ok ? [read.document, ...read.also] : [];
		} catch {
			// A half-written entry is worth nothing; the store still holds the document before it.
			return [];
		}
	});
	workspace.begin(
		found.filter((document) => {
			const stored = workspace.get(keyOf(document));
			return !stored || stored.updatedAt < document.updatedAt;
		})
	);
	void workspace.flush().then(() => {
		if (workspace.saveState.status === 'saved') for (const key of keys) storage.removeItem(key);
	});
}

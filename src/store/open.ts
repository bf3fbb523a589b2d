import { browserStore, type Workspace } from './browserStore';
import { Library } from './library.svelte';
import { localJournal } from './journal';
import { demoDocuments } from './demo/documents';
import { plainShelf } from './demo/shelf';

const WORKSPACE_KEY = 'zelvant.workspace';

/** The workspace chosen last; a salon's own when none was. */
export const chosenWorkspace = (): Workspace =>
	localStorage.getItem(WORKSPACE_KEY) === 'demo' ? 'demo' : 'own';

export const chooseWorkspace = (workspace: Workspace): void =>
	localStorage.setItem(WORKSPACE_KEY, workspace);

/** Whether this browser has what records need; the sentence to show when it has not. */
export function browserProblem(): string | undefined {
	if (typeof indexedDB === 'undefined' || typeof structuredClone === 'undefined') {
		return 'This browser is too old to keep records. Update it, or open Zelvant in a current one.';
	}
	return undefined;
}

/** Opens a workspace; an empty one gets what it needs to begin with. */
export async function openLibrary(workspace: Workspace, now: Date): Promise<Library> {
	const prefix = `zelvant.journal.${workspace}.`;
	const channel = new BroadcastChannel(`zelvant.${workspace}`);
	const library = new Library(browserStore(workspace), localJournal(prefix, localStorage), channel);
	await library.open();
	if (workspace === 'demo' && library.all.length === 0) await loadDemo(library, now);
	if (!library.shelf) library.put(plainShelf(now));
	return library;
}

/** Puts the demo's documents in place of whatever the demo workspace holds. */
export const loadDemo = (library: Library, now: Date): Promise<void> =>
	library.replaceAll(demoDocuments(now));

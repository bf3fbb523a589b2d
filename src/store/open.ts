import { keyOf } from '../model/identity';
import type { Moment } from '../model/time';
import type { AnyDocument } from '../schema/records';
import { plainShelf } from '../model/demo/shelf';
import { textStorage, windowWord } from './browserStorage';
import { exclusivelyBy, JournalledStore } from './journalledStore';
import { browserStore, memoryStore, type KeyValueStore } from './keyValue';
import { takeNotes, watchNotes } from './notes';
import { WaitingStore } from './waitingStore.svelte';
import { Workspace } from './workspace.svelte';

/** A salon's own records, or the demo's: databases of their own, so that they can never mix. */
export type Salon = 'own' | 'demo';

/** What opening asks of the clock. */
interface Timed {
	readonly now: () => Date;
	readonly moment: () => Moment;
}

const SALON_KEY = 'zelvant.salon';

/** What this window was last opened on; a salon's own records when nobody chose. Each window has its own. */
export const chosenSalon = (): Salon => (windowWord.get(SALON_KEY) === 'demo' ? 'demo' : 'own');

export const chooseSalon = (salon: Salon): void => windowWord.set(SALON_KEY, salon);

/** Whether this browser has what records need; nothing when it has. */
export const browserIsTooOld = (): boolean =>
	typeof indexedDB === 'undefined' || typeof structuredClone === 'undefined';

const databaseOf = (salon: Salon): string => (salon === 'own' ? 'zelvant' : 'zelvant-demo');

/**
 * Opens the records of a salon; empty ones get what they need to begin with.
 * @param onprogress share of what has to be gone through first, 0-1; it is asked for when there is much of it
 * @throws when the browser refuses them
 */
export async function openWorkspace(
	salon: Salon,
	clock: Timed,
	onprogress?: (share: number) => void
): Promise<Workspace> {
	const database = databaseOf(salon);
	const store = new JournalledStore(
		browserStore(database, 'documents'),
		browserStore(`${database}-journal`, 'journal'),
		browserStore(`${database}-index`, 'index'),
		exclusivelyBy(database)
	);
	const workspace = new Workspace(store, {
		now: clock.now,
		// One window alone needs none; of two without it the one that opens later sees what the other wrote.
		channel: 'BroadcastChannel' in globalThis ? new BroadcastChannel(database) : undefined,
		askToKeep: async () => {
			const storage = navigator.storage as StorageManager | undefined;
			return (await storage?.persist()) ?? false;
		}
	});
	await workspace.open(onprogress);
	// Asked once there is something to keep; from then on the browser knows its answer.
	if (!workspace.isEmpty) {
		const storage = navigator.storage as StorageManager | undefined;
		workspace.kept = await storage?.persisted().catch(() => false);
	}
	const notes = textStorage();
	if (notes) {
		// For as long as the window is open.
		watchNotes(workspace, salon, notes);
		await takeNotes(workspace, salon, notes);
	}
	await begin(workspace, salon, clock.moment());
	return workspace;
}

/** Where forms of a salon wait that are filled in and not sent: beside its records, which they are no part of. */
export const waitingStoreOf = (salon: Salon): WaitingStore =>
	new WaitingStore(
		browserStore(`${databaseOf(salon)}-forms`, 'forms'),
		textStorage(),
		`zelvant.form.${salon}.`
	);

/** A workspace that keeps nothing beyond its window, for a browser that refuses to keep records. */
export async function withoutRecords(salon: Salon, clock: Timed): Promise<Workspace> {
	const refusal = () => Promise.reject(new Error('this browser keeps no records'));
	const nothing: KeyValueStore = {
		get: () => Promise.resolve(null),
		set: refusal,
		remove: refusal,
		each: () => Promise.resolve(),
		keys: () => Promise.resolve([]),
		clear: refusal
	};
	const workspace = new Workspace(
		new JournalledStore(nothing, nothing, nothing, (work) => work()),
		{
			now: clock.now
		}
	);
	await begin(workspace, salon, clock.moment());
	return workspace;
}

/** A workspace to try something in: nothing of it is kept, and nobody else's records are touched. */
export function scratch(documents: readonly AnyDocument[], clock: Pick<Timed, 'now'>): Workspace {
	const store = new JournalledStore(memoryStore(), memoryStore(), memoryStore(), (work) => work());
	const workspace = new Workspace(store, { now: clock.now });
	workspace.begin(documents);
	return workspace;
}

async function begin(workspace: Workspace, salon: Salon, moment: Moment): Promise<void> {
	if (salon === 'demo' && workspace.isEmpty) {
		workspace.begin(await demoOf(moment));
		// Whoever goes on at once finds all of it again, and not what of it could be noted.
		await workspace.flush();
	} else if (!workspace.shelf) workspace.begin([plainShelf(moment.at)]);
}

/** Puts documents in place of everything there is, as one step; what is set aside stays there. */
export async function replaceAll(
	workspace: Workspace,
	label: string,
	documents: readonly AnyDocument[]
): Promise<string | undefined> {
	const kept = new Set(documents.map(keyOf));
	const gone: string[] = [];
	for await (const { document } of workspace.walk()) {
		const key = keyOf(document);
		await workspace.read([key]);
		if (!kept.has(key)) gone.push(key);
	}
	return workspace.transact(label, (draft) => {
		for (const key of gone) draft.removeKey(key);
		for (const document of documents) draft.put(document);
	});
}

/**
 * Puts the demo's documents in place of whatever the demo holds, as one step.
 * @throws when they do not come; nothing is changed then
 */
export const loadDemo = async (workspace: Workspace, moment: Moment): Promise<string | undefined> =>
	replaceAll(workspace, 'demo loaded', await demoOf(moment));

/** Where what was recorded in the demo salon before today is kept: it is made up while building. */
const PAST = '/demo/past.json';

/** The demo is loaded by those who look at it. */
async function demoOf(moment: Moment): Promise<AnyDocument[]> {
	const [{ demoSalon }, { pastAt }, response] = await Promise.all([
		import('../model/demo/documents'),
		import('../model/demo/madePast'),
		fetch(PAST).catch(() => undefined)
	]);
	if (!response?.ok)
		throw new Error('the demo’s records did not come; try again when this device reaches Zelvant');
	return demoSalon(moment, pastAt(await response.text(), moment));
}

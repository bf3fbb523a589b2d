import { SvelteMap } from 'svelte/reactivity';
import { migrate } from '../schema/migrations';
import {
	anyDocument,
	type AnyDocument,
	type Client,
	type Shelf,
	type Visit
} from '../schema/records';
import { type DocumentStore } from './documents';
import { keyOf } from '../model/identity';
import type { Journal } from './journal';

/** How the last write went. */
export type SaveState =
	| { readonly status: 'saved' }
	| { readonly status: 'saving' }
	| { readonly status: 'failed'; readonly message: string };

/** A stored value that could not be read; kept as it is and shown, never dropped. */
export interface SetAside {
	readonly key: string;
	readonly reason: string;
	readonly value: unknown;
}

/** What another tab has just written or removed. */
interface Broadcast {
	readonly key: string;
	readonly document: AnyDocument | undefined;
}

const SAVE_AFTER_MS = 250;

const firstFault = (parsed: ReturnType<typeof anyDocument.safeParse> | undefined): string => {
	const issue = parsed?.error?.issues[0];
	return issue ? `${issue.path.join('.')} ${issue.message}` : '';
};

const describeFailure = (error: unknown): string =>
	error instanceof DOMException && error.name === 'QuotaExceededError'
		? 'This device’s storage is full. Your changes are kept in this window only: export your records now, then free some space.'
		: `Saving failed (${error instanceof Error ? error.message : String(error)}). Your changes are kept in this window: export your records before you close it.`;

/**
 * All documents of one workspace in memory, with their store behind them. Reading is immediate and
 * reactive; writing is debounced per document, journalled at once, and told to other tabs.
 */
export class Library {
	readonly clients = new SvelteMap<string, Client>();
	readonly visits = new SvelteMap<string, Visit>();
	shelf = $state.raw<Shelf | undefined>();
	aside = $state.raw<readonly SetAside[]>([]);
	saveState = $state.raw<SaveState>({ status: 'saved' });

	readonly #store: DocumentStore;
	readonly #journal: Journal | undefined;
	readonly #channel: BroadcastChannel | undefined;
	readonly #waiting = new Map<
		string,
		{ document: AnyDocument; timer: ReturnType<typeof setTimeout> }
	>();

	constructor(store: DocumentStore, journal?: Journal, channel?: BroadcastChannel) {
		this.#store = store;
		this.#journal = journal;
		this.#channel = channel;
		if (channel) {
			channel.onmessage = ({ data }: MessageEvent<Broadcast>) => {
				// What this tab has not saved yet is newer than what the other tab saw.
				if (this.#waiting.has(data.key)) return;
				if (data.document) this.#hold(data.document);
				else this.#drop(data.key);
			};
		}
	}

	/** Reads everything, sets aside what does not fit, and replays what a crash left in the journal. */
	async open(): Promise<void> {
		const aside: SetAside[] = [];
		for (const { key, value } of await this.#store.readAll()) {
			const migrated = migrate(value);
			const parsed = migrated.ok ? anyDocument.safeParse(migrated.document) : undefined;
			if (parsed?.success) this.#hold(parsed.data);
			else {
				const reason = !migrated.ok
					? migrated.problem === 'newer'
						? 'written by a newer Zelvant'
						: 'not a document of Zelvant'
					: `does not fit: ${firstFault(parsed)}`;
				aside.push({ key, reason, value });
			}
		}
		this.aside = aside;
		for (const document of this.#journal?.pending() ?? []) {
			const stored = this.get(keyOf(document));
			if (!stored || stored.updatedAt < document.updatedAt) this.put(document);
			else this.#journal?.settle(document);
		}
	}

	get(key: string): AnyDocument | undefined {
		const [kind, id = ''] = key.split(':');
		if (kind === 'client') return this.clients.get(id);
		if (kind === 'visit') return this.visits.get(id);
		return this.shelf && keyOf(this.shelf) === key ? this.shelf : undefined;
	}

	get all(): AnyDocument[] {
		return [...this.clients.values(), ...this.visits.values(), ...(this.shelf ? [this.shelf] : [])];
	}

	/** Visits of a client, newest first. */
	visitsOf(clientId: string): Visit[] {
		return [...this.visits.values()]
			.filter((visit) => visit.clientId === clientId)
			.sort((p, q) => q.date.localeCompare(p.date) || q.createdAt.localeCompare(p.createdAt));
	}

	/** Holds a document and saves it soon; later changes within a quarter second are one write. */
	put(document: AnyDocument): void {
		this.#hold(document);
		this.#journal?.note(document);
		const key = keyOf(document);
		clearTimeout(this.#waiting.get(key)?.timer);
		const timer = setTimeout(() => void this.#write(key), SAVE_AFTER_MS);
		this.#waiting.set(key, { document, timer });
		if (this.saveState.status === 'saved') this.saveState = { status: 'saving' };
	}

	/** Removes a document at once. The caller keeps it for undo. */
	async remove(document: AnyDocument): Promise<void> {
		const key = keyOf(document);
		clearTimeout(this.#waiting.get(key)?.timer);
		this.#waiting.delete(key);
		this.#drop(key);
		this.#journal?.settle({ ...document, updatedAt: '9999' });
		await this.#store.remove(key);
		this.#tell({ key, document: undefined });
	}

	/** Writes everything that waits: before the page is hidden, and in tests. */
	async flush(): Promise<void> {
		await Promise.all([...this.#waiting.keys()].map((key) => this.#write(key)));
	}

	/** Replaces everything with these documents. */
	async replaceAll(documents: readonly AnyDocument[]): Promise<void> {
		// Nothing of what goes may wait to be written, or it would come back after the store is emptied.
		await this.flush();
		const gone = this.all.map(keyOf);
		await this.#store.clear();
		for (const key of gone) {
			this.#drop(key);
			this.#tell({ key, document: undefined });
		}
		this.aside = [];
		for (const document of documents) this.put(document);
		await this.flush();
	}

	async #write(key: string): Promise<void> {
		const waiting = this.#waiting.get(key);
		if (!waiting) return;
		clearTimeout(waiting.timer);
		this.#waiting.delete(key);
		try {
			await this.#store.write(key, waiting.document);
			this.#journal?.settle(waiting.document);
			this.#tell({ key, document: waiting.document });
			if (this.#waiting.size === 0) this.saveState = { status: 'saved' };
		} catch (error) {
			this.saveState = { status: 'failed', message: describeFailure(error) };
		}
	}

	/** Other tabs only hear of what is safely stored. */
	#tell(broadcast: Broadcast): void {
		this.#channel?.postMessage(broadcast);
	}

	#hold(document: AnyDocument): void {
		if (document.kind === 'client') this.clients.set(document.id, document);
		else if (document.kind === 'visit') this.visits.set(document.id, document);
		else this.shelf = document;
	}

	#drop(key: string): void {
		const [kind, id = ''] = key.split(':');
		if (kind === 'client') this.clients.delete(id);
		else if (kind === 'visit') this.visits.delete(id);
		else this.shelf = undefined;
	}
}

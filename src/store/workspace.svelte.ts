import { dequal as equal } from 'dequal/lite';
import { SvelteMap } from 'svelte/reactivity';
import { keyOf, newId } from '../model/identity';
import { migrate } from '../schema/migrations';
import {
	anyDocument,
	type AnyDocument,
	type Client,
	type Picture,
	type Shelf,
	type Visit
} from '../schema/records';
import { currentGesture } from './gesture.svelte';
import { StepHistory, type Label, type Step } from './history.svelte';
import type { Batch, JournalledStore } from './journalledStore';
import { merge3, withValueAt, type Clash } from './merge';
import { Transaction, type Change } from './transaction';

/** How what was changed is kept: the state of the writes that are still to succeed. */
export type SaveState =
	| { readonly status: 'saved' }
	| { readonly status: 'saving' }
	/** Refused, full or silent: it is tried again by itself, and stands until it succeeds. */
	| {
			readonly status: 'failed';
			readonly problem: 'full' | 'silent' | 'refused';
			readonly told: string;
	  };

/** A stored value that could not be read; kept as it is and shown, never dropped. */
export interface SetAside {
	readonly key: string;
	readonly reason: string;
	readonly value: unknown;
}

/** One field that two windows changed at once: what the other one set holds, until somebody says. */
export interface FieldClash extends Clash {
	readonly id: string;
	/** Key of the document. */
	readonly key: string;
}

/** What one window tells the others of a batch that is stored. */
interface Broadcast {
	readonly sequence: number;
	readonly batch: Batch;
}

/** A document as it was at some time; `undefined` where there was none. */
type DocumentState = AnyDocument | undefined;

/** Changes on their way into the store, each with what it was made on. */
interface Flight {
	readonly id: string;
	/** The last batch that was known when they were made. */
	readonly sequence: number;
	readonly entries: ReadonlyMap<string, Change>;
}

/** What a workspace has from outside. */
export interface WorkspaceOptions {
	readonly now: () => Date;
	readonly channel?: BroadcastChannel | undefined;
	/** Asks the browser to keep the records for good; after the first that is saved. */
	readonly askToKeep?: (() => Promise<boolean>) | undefined;
}

/** Writes begin this far apart, ms: the first change is on its way at once, what follows it together. */
const SAVE_EVERY_MS = 250;
/** Storage that says nothing for this long is said to be silent, ms. */
const SILENT_MS = 6000;
const RETRY_MS = [500, 1000, 2000, 4000, 8000] as const;
/** Where what others stored could not be read, it is tried again after this, ms. */
const CATCH_UP_MS = 2000;

const firstFault = (parsed: ReturnType<typeof anyDocument.safeParse> | undefined): string => {
	const issue = parsed?.error?.issues[0];
	return issue ? `${issue.path.join('.')} ${issue.message}` : '';
};

/**
 * All documents of one salon in memory, with their store behind them. Reading is immediate and reactive.
 * Whatever is changed is one transaction over any number of documents: it can be taken back, it is stored
 * whole or not at all, and it is laid on the documents as they are by then, whoever changed them meanwhile.
 */
export class Workspace {
	readonly clients = new SvelteMap<string, Client>();
	readonly visits = new SvelteMap<string, Visit>();
	readonly pictures = new SvelteMap<string, Picture>();
	shelf = $state.raw<Shelf | undefined>();
	aside = $state.raw<readonly SetAside[]>([]);
	saveState = $state.raw<SaveState>({ status: 'saved' });
	/** Fields that two windows changed at once, to be decided. */
	clashes = $state.raw<readonly FieldClash[]>([]);
	/** Whether the browser promised to keep the records; nothing before it was asked. */
	kept = $state.raw<boolean | undefined>();

	readonly #store: JournalledStore;
	readonly #options: WorkspaceOptions;
	readonly #history = new StepHistory();
	/** Documents as they are known to be stored. */
	readonly #stored = new Map<string, AnyDocument>();
	/** Keys of what is not on its way yet. */
	#dirty = new Set<string>();
	#flight: Flight | undefined;
	#writing: Promise<void> | undefined;
	#timer: ReturnType<typeof setTimeout> | undefined;
	#failures = 0;
	/** When the last write began, ms. */
	#begun = -Infinity;
	#sequence = 0;
	#asked = false;

	constructor(store: JournalledStore, options: WorkspaceOptions) {
		this.#store = store;
		this.#options = options;
		const { channel } = options;
		if (channel) {
			channel.onmessage = ({ data }: MessageEvent<Broadcast>) => void this.#hear(data);
		}
	}

	/** Reads everything, sets aside what does not fit, and writes down what a migration parted. */
	async open(): Promise<void> {
		const { sequence, rows } = await this.#store.open();
		this.#sequence = sequence;
		const aside: SetAside[] = [];
		const parted: AnyDocument[] = [];
		for (const { key, value } of rows) {
			const read = readDocument(value);
			if (!read.ok) {
				aside.push({ key, reason: read.reason, value });
				continue;
			}
			this.#stored.set(key, read.document);
			this.#hold(key, read.document);
			if (read.also.length > 0) parted.push(read.document, ...read.also);
		}
		this.aside = aside;
		for (const document of parted) this.#change(keyOf(document), document);
	}

	get(key: string): AnyDocument | undefined {
		const [kind, id = ''] = key.split(':');
		if (kind === 'client') return this.clients.get(id);
		if (kind === 'visit') return this.visits.get(id);
		if (kind === 'picture') return this.pictures.get(id);
		return this.shelf && keyOf(this.shelf) === key ? this.shelf : undefined;
	}

	get all(): AnyDocument[] {
		return [
			...this.clients.values(),
			...this.visits.values(),
			...this.pictures.values(),
			...(this.shelf ? [this.shelf] : [])
		];
	}

	/** Visits of a client, newest first. */
	visitsOf(clientId: string): Visit[] {
		return [...this.visits.values()]
			.filter((visit) => visit.clientId === clientId)
			.sort((p, q) => q.date.localeCompare(p.date) || q.createdAt.localeCompare(p.createdAt));
	}

	/**
	 * Changes any number of documents as one step. Quick changes under one label, and those of one press,
	 * are one step too.
	 * @returns the step, to be taken back; nothing where nothing changed
	 */
	transact(label: Label, recipe: (draft: Transaction) => unknown): string | undefined {
		const transaction = new Transaction((key) => this.get(key));
		recipe(transaction);
		const changes = transaction.finish(this.#options.now().toISOString());
		if (changes.size === 0) return undefined;
		for (const [key, { after }] of changes) this.#change(key, after);
		return this.#history.record(label, changes, currentGesture());
	}

	/** Puts documents in that nobody did: what an empty salon begins with. It cannot be taken back. */
	begin(documents: readonly AnyDocument[]): void {
		for (const document of documents) this.#change(keyOf(document), document);
	}

	/** Whether there is something to take back, of all documents or of these. */
	canUndo = (keys?: readonly string[]): boolean => this.#history.last('past', keys) !== undefined;
	canRedo = (keys?: readonly string[]): boolean => this.#history.last('future', keys) !== undefined;

	/**
	 * Takes a step back: on the documents as they are now, so that what others changed since stays.
	 * @param which documents whose last step is meant, or a step by its id; left out, the last of all
	 * @returns what it was; nothing where there is none
	 */
	undo(which?: readonly string[] | string): Label | undefined {
		const step =
			typeof which === 'string' ? this.#history.find(which) : this.#history.last('past', which);
		if (!step) return undefined;
		this.#lay(step, ({ before, after }) => ({ before: after, after: before }));
		this.#history.move(step, 'future');
		return step.label;
	}

	redo(keys?: readonly string[]): Label | undefined {
		const step = this.#history.last('future', keys);
		if (!step) return undefined;
		this.#lay(step, (change) => change);
		this.#history.move(step, 'past');
		return step.label;
	}

	/** Lays a change on the documents as they are now. */
	#lay(step: Step, direction: (change: Change) => Change): void {
		const at = this.#options.now().toISOString();
		for (const [key, change] of step.changes) {
			const { before, after } = direction(change);
			const now = this.get(key);
			const { value } = merge3(before, after, now);
			if (value !== now) this.#change(key, value && { ...value, updatedAt: at });
		}
	}

	/** Of a field that two windows changed, what was set in this one. */
	keepMine(clash: FieldClash): void {
		const document = this.get(clash.key);
		const mine = withValueAt(document, clash.path, clash.mine);
		this.transact('kept what was set here', (draft) => {
			if (mine) draft.put(mine);
			else if (document) draft.remove(document);
		});
		this.keepTheirs(clash);
	}
	keepTheirs({ id }: FieldClash): void {
		this.clashes = this.clashes.filter((clash) => clash.id !== id);
	}

	/** Values that a file brought along and that could not be read there either: kept as they are. */
	async putAside(values: readonly SetAside[]): Promise<void> {
		const fresh = values.filter(({ key }) => !this.aside.some((one) => one.key === key));
		if (fresh.length === 0) return;
		await this.#store.commit(newId(), () =>
			Promise.resolve({ put: fresh.map(({ key, value }) => ({ key, value })), remove: [] })
		);
		this.aside = [...this.aside, ...fresh];
	}

	/** Writes everything that waits, and comes back when it is written or refused. */
	flush(): Promise<void> {
		clearTimeout(this.#timer);
		this.#timer = undefined;
		this.#writing ??= this.#write().finally(() => (this.#writing = undefined));
		return this.#writing;
	}

	/**
	 * What is not known to be stored, for whoever closes the page: each document from what it was changed from
	 * to what it is now. What is on its way stands in between, for it may have arrived.
	 */
	get unsaved(): { readonly key: string; readonly states: readonly DocumentState[] }[] {
		const flying = this.#flight?.entries;
		const waiting = new Set([...(flying?.keys() ?? []), ...this.#dirty]);
		return [...waiting].map((key) => {
			const now = this.get(key);
			const flown = flying?.get(key);
			if (!flown) return { key, states: [this.#stored.get(key), now] };
			return { key, states: [flown.before, ...(flown.after === now ? [] : [flown.after]), now] };
		});
	}

	/** Changes that another page noted when it was closed are laid on what is there now, one after the other. */
	takeOver(key: string, states: readonly DocumentState[]): void {
		for (const [i, after] of states.slice(1).entries()) {
			const now = this.get(key);
			const { value, clashes } = merge3(states[i], after, now);
			if (value !== now) this.#change(key, value);
			this.clashes = [...this.clashes, ...clashes.map((clash) => ({ ...clash, key, id: newId() }))];
		}
	}

	/** Something was changed here: it is held, and on its way in a moment. */
	#change(key: string, document: AnyDocument | undefined): void {
		this.#hold(key, document);
		this.#dirty.add(key);
		if (this.saveState.status === 'saved') this.saveState = { status: 'saving' };
		const wait = Math.max(0, this.#begun + SAVE_EVERY_MS - performance.now());
		this.#timer ??= setTimeout(() => void this.flush(), wait);
	}

	async #write(): Promise<void> {
		while (this.#flight ?? this.#dirty.size > 0) {
			const flight = (this.#flight ??= this.#takeOff());
			this.#begun = performance.now();
			const silent = setTimeout(() => this.#fail('silent', ''), SILENT_MS);
			try {
				await this.#land(flight);
			} catch (error) {
				this.#fail(isFull(error) ? 'full' : 'refused', wordsOf(error));
				const wait = RETRY_MS[Math.min(this.#failures++, RETRY_MS.length - 1)];
				this.#timer ??= setTimeout(() => void this.flush(), wait);
				return;
			} finally {
				clearTimeout(silent);
			}
			this.#failures = 0;
		}
		this.saveState = { status: 'saved' };
		if (!this.#asked && this.#options.askToKeep) {
			this.#asked = true;
			// A person may be asked, and take their time: nothing waits for the answer.
			void this.#options.askToKeep().then(
				(kept) => (this.kept = kept),
				() => (this.kept = false)
			);
		}
	}

	#fail(problem: 'full' | 'silent' | 'refused', told: string): void {
		this.saveState = { status: 'failed', problem, told };
	}

	#takeOff(): Flight {
		const entries = new Map(
			[...this.#dirty].map((key) => [key, { before: this.#stored.get(key), after: this.get(key) }])
		);
		this.#dirty = new Set();
		return { id: newId(), sequence: this.#sequence, entries };
	}

	/** Stores a flight, merged with what other windows stored meanwhile. */
	async #land({ id, sequence: known, entries }: Flight): Promise<void> {
		const clashes: FieldClash[] = [];
		const { sequence, batch } = await this.#store.commit(id, async (stored, read) => {
			const behind = stored !== known;
			const put: Batch['put'][number][] = [];
			const remove: string[] = [];
			for (const [key, { before, after }] of entries) {
				let value = after;
				if (behind) {
					const there = readDocument(await read(key));
					const merged = merge3(before, after, there.ok ? there.document : undefined);
					value = merged.value;
					clashes.push(...merged.clashes.map((clash) => ({ ...clash, key, id: newId() })));
				}
				if (value) put.push({ key, value });
				else remove.push(key);
			}
			return { put, remove };
		});
		this.#flight = undefined;
		const missed = sequence !== this.#sequence + 1;
		this.#sequence = sequence;
		for (const [key, { after }] of entries) {
			const written = batch.put.find((one) => one.key === key)?.value as AnyDocument | undefined;
			this.#settle(key, after, written);
		}
		if (clashes.length > 0) this.clashes = [...this.clashes, ...clashes];
		// Other windows only hear of what is safely stored.
		this.#options.channel?.postMessage({ sequence, batch } satisfies Broadcast);
		if (missed) await this.#catchUp();
	}

	/** Another window stored something. */
	async #hear({ sequence, batch }: Broadcast): Promise<void> {
		if (sequence <= this.#sequence) return;
		if (sequence > this.#sequence + 1) {
			await this.#catchUp();
			return;
		}
		this.#sequence = sequence;
		for (const { key, value } of batch.put) {
			const read = readDocument(value);
			if (read.ok) this.#settle(key, this.#stored.get(key), read.document);
		}
		for (const key of batch.remove) this.#settle(key, this.#stored.get(key), undefined);
	}

	/** Reads again what is stored, where something was missed: as often as it takes. */
	async #catchUp(): Promise<void> {
		const read = await this.#store.open().catch(() => undefined);
		if (!read) {
			setTimeout(() => void this.#catchUp(), CATCH_UP_MS);
			return;
		}
		const { sequence, rows } = read;
		this.#sequence = Math.max(this.#sequence, sequence);
		const there = new Map<string, AnyDocument>();
		for (const { key, value } of rows) {
			const read = readDocument(value);
			if (read.ok) there.set(key, read.document);
		}
		for (const key of new Set([...there.keys(), ...this.#stored.keys()])) {
			const document = there.get(key);
			if (!equal(document, this.#stored.get(key))) {
				this.#settle(key, this.#stored.get(key), document);
			}
		}
	}

	/** A document is stored: what was changed here since is laid on it. */
	#settle(key: string, base: AnyDocument | undefined, stored: AnyDocument | undefined): void {
		if (stored) this.#stored.set(key, stored);
		else this.#stored.delete(key);
		const mine = this.get(key);
		if (mine === stored) return;
		const { value, clashes } = merge3(base, mine, stored);
		this.#hold(key, value);
		if (clashes.length > 0 && !this.#flight?.entries.has(key)) {
			this.clashes = [...this.clashes, ...clashes.map((clash) => ({ ...clash, key, id: newId() }))];
		}
	}

	#hold(key: string, document: AnyDocument | undefined): void {
		const [kind, id = ''] = key.split(':');
		if (document) {
			if (document.kind === 'client') this.clients.set(id, document);
			else if (document.kind === 'visit') this.visits.set(id, document);
			else if (document.kind === 'picture') this.pictures.set(id, document);
			else this.shelf = document;
		} else if (kind === 'client') this.clients.delete(id);
		else if (kind === 'visit') this.visits.delete(id);
		else if (kind === 'picture') this.pictures.delete(id);
		else if (this.shelf && keyOf(this.shelf) === key) this.shelf = undefined;
	}
}

type ReadDocument =
	| { readonly ok: true; readonly document: AnyDocument; readonly also: readonly AnyDocument[] }
	| { readonly ok: false; readonly reason: string };

/** A stored value as a document of today, with what its migration parted from it; or why it is none. */
export function readDocument(value: unknown): ReadDocument {
	const migrated = migrate(value);
	if (!migrated.ok) {
		return {
			ok: false,
			reason:
				migrated.problem === 'newer' ? 'written by a newer Zelvant' : 'not a document of Zelvant'
		};
	}
	const parsed = anyDocument.safeParse(migrated.document);
	if (!parsed.success) return { ok: false, reason: `does not fit: ${firstFault(parsed)}` };
	const also = migrated.also.flatMap((each) => {
		const own = anyDocument.safeParse(each);
		return own.success ? [own.data] : [];
	});
	return { ok: true, document: parsed.data, also };
}

const isFull = (error: unknown): boolean =>
	error instanceof DOMException && error.name === 'QuotaExceededError';
const wordsOf = (error: unknown): string =>
	error instanceof Error ? error.message : String(error);

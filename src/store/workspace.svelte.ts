import { dequal as equal } from 'dequal/lite';
import { SvelteSet } from 'svelte/reactivity';
import { keyOf, newId } from '../model/identity';
import { leafOf, type LedgerLeaf } from '../model/index/leaf';
import { picturesOf } from '../model/visit/pictures';
import { dataUrlOf } from '../schema/picture';
import type { AnyDocument, Client, Learner, Picture, Shelf, Trial, Visit } from '../schema/records';
import type { CardIndex } from './cardIndex.svelte';
import { currentGesture } from './gesture.svelte';
import { HeldDocuments } from './heldDocuments.svelte';
import { StepHistory, type Label, type Step } from './history.svelte';
import { isIndexKey, type Batch, type JournalledStore } from './journalledStore';
import type { LedgerBook } from './ledgerBook.svelte';
import { merge3, withValueAt, type Clash } from './merge';
import { makeIndex, openIndex, readIndex, type Opened } from './openIndex';
import { readDocument, type SetAside } from './readDocument';
import { META, newMeta, pagesOfDays, withIndex, type Written } from './recordIndex';
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
const CATCH_UP_TRIES = 5;
/** So long after opening somebody looks whether the index knows all documents, ms. */
const RECOUNT_MS = 3000;

/** Documents that are read or written at once. */
const AT_ONCE = 100;

/**
 * The documents of one salon with their store behind them. What is in memory is read at once and reactive.
 * Whatever is changed is one transaction over any number of documents: it can be taken back, it is stored
 * whole or not at all, and it is laid on the documents as they are by then, whoever changed them meanwhile.
 */
export class Workspace {
	readonly #held = new HeldDocuments((key) => this.#store.get(key));
	readonly clients: ReadonlyMap<string, Client> = this.#held.clients;
	/** What is known of every visit, read or not. */
	readonly cards: CardIndex = this.#held.cards;
	/** Visits that were read. */
	readonly visits: ReadonlyMap<string, Visit> = this.#held.visits;
	/** Mornings at the bench. */
	readonly trials: ReadonlyMap<string, Trial> = this.#held.trials;
	/** Whoever practises. */
	readonly learners: ReadonlyMap<string, Learner> = this.#held.learners;
	/** Pictures of the visits that were read. */
	readonly pictures: ReadonlyMap<string, Picture> = this.#held.pictures;
	/** The ledger of all visits, once it is asked for. */
	readonly book: LedgerBook = this.#held.book;
	/** Pictures that would be lost with a page that closes this moment: they are not shown as kept yet. */
	readonly fresh = new SvelteSet<string>();
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
	/** Pictures that are not known to be stored, as text. */
	readonly #texts = new Map<string, string>();

	constructor(store: JournalledStore, options: WorkspaceOptions) {
		this.#store = store;
		this.#options = options;
		const { channel } = options;
		if (channel) {
			channel.onmessage = ({ data }: MessageEvent<Broadcast>) => void this.#hear(data);
		}
	}

	/**
	 * Opens the records: reads what every page needs, sets aside what does not fit, and writes down what a migration
	 * parted.
	 * @param onprogress share of what has to be gone through first, 0-1
	 */
	async open(onprogress?: (share: number) => void): Promise<void> {
		const opened = await this.#store.open((from) => openIndex(from, onprogress));
		this.#sequence = opened.sequence;
		this.cards.replace(opened.cards);
		for (const document of opened.documents) this.#keep(keyOf(document), document);
		this.aside = opened.aside;
		if (opened.leaves) this.book.take(opened.leaves);
		for (const document of opened.parted) {
			await this.read([keyOf(document)]);
			this.#change(keyOf(document), document);
		}
		setTimeout(() => void this.#recount(opened), RECOUNT_MS);
	}
	/** Documents that the index knows nothing of, whoever put them there or took them away, are found at rest. */
	async #recount({ sequence, count }: Opened): Promise<void> {
		const keys = await this.#store.keys().catch(() => undefined);
		if (keys && keys.length !== count && sequence === this.#sequence && this.#dirty.size === 0) {
			await this.#catchUp(CATCH_UP_TRIES, true);
		}
	}

	get shelf(): Shelf | undefined {
		return this.#held.shelf;
	}
	/** Whether there is nothing at all. */
	get isEmpty(): boolean {
		return this.#held.isEmpty;
	}
	/** Visits of a client, newest first, as far as they are read. */
	visitsOf = (clientId: string): Visit[] => this.#held.visitsOf(clientId);
	/** Whether all visits of a client are in memory. */
	isRead = (clientId: string): boolean => this.#held.isRead(clientId);

	/**
	 * A document that is in memory; nothing where there is none.
	 * @throws {Error} when it is a visit that was not read
	 */
	get(key: string): AnyDocument | undefined {
		const document = this.#held.get(key);
		const [kind, id = ''] = key.split(':');
		if (!document && kind === 'visit' && this.cards.has(id)) {
			throw new Error(`the visit ${id} was not read yet`);
		}
		return document;
	}
	/** Reads all visits of a client into memory, with their pictures. */
	readVisitsOf(clientId: string): Promise<void> {
		return this.readVisits(this.cards.of(clientId).map(({ id }) => id));
	}
	/**
	 * Reads visits into memory, with their pictures.
	 * @throws when the browser refuses them
	 */
	async readVisits(ids: readonly string[]): Promise<void> {
		await this.read(ids.map((id) => `visit:${id}`));
		const pictures = ids.flatMap((id) => {
			const visit = this.visits.get(id);
			return visit ? picturesOf(visit) : [];
		});
		await this.read(pictures.map((id) => `picture:${id}`));
	}
	/** Reads documents into memory; those that are there stay as they are. */
	async read(keys: readonly string[]): Promise<void> {
		const wanted = keys.filter((key) => !this.#held.get(key) && !this.#dirty.has(key));
		for (let i = 0; i < wanted.length; i += AT_ONCE) {
			const part = wanted.slice(i, i + AT_ONCE);
			const values = await Promise.all(part.map((key) => this.#store.get(key)));
			// All of a part at once: whoever looks at them is told once, and not as often as there are.
			part.forEach((key, at) => this.#readOne(key, values[at]));
		}
	}
	#readOne(key: string, value: unknown): void {
		// Somebody else may have brought it, or taken it out, while it was read.
		if (this.#held.get(key) || this.#dirty.has(key)) return;
		if (value === null || value === undefined) {
			this.cards.delete(key.split(':')[1] ?? '');
			return;
		}
		const read = readDocument(value);
		if (read.ok) {
			this.#keep(key, read.document);
			return;
		}
		this.cards.delete(key.split(':')[1] ?? '');
		if (!this.aside.some((one) => one.key === key)) {
			this.aside = [...this.aside, { key, reason: read.reason, value }];
		}
	}
	/** Holds a document as it is stored. */
	#keep(key: string, document: AnyDocument): void {
		this.#stored.set(key, document);
		this.#held.put(key, document);
	}

	/**
	 * Documents as they are by now, also those that are not stored yet, in the order of their keys. What is read for
	 * it is not held.
	 * @param only keys; left out, all of them
	 */
	async *walk(
		only?: readonly string[]
	): AsyncGenerator<{ readonly document: AnyDocument; readonly share: number }> {
		const keys = only ?? [...new Set([...(await this.#store.keys()), ...this.#dirty])].sort();
		for (let i = 0; i < keys.length; i += AT_ONCE) {
			const part = keys.slice(i, i + AT_ONCE);
			const documents = await Promise.all(part.map((key) => this.#now(key)));
			for (const [k, document] of documents.entries()) {
				if (document) yield { document, share: (i + k + 1) / keys.length };
			}
		}
	}
	/** A document as it is by now, without holding it. */
	async #now(key: string): Promise<AnyDocument | undefined> {
		const held = this.#held.get(key);
		if (held || this.#dirty.has(key)) return held;
		const read = readDocument(await this.#store.get(key));
		return read.ok ? read.document : undefined;
	}

	/**
	 * Brings many documents in, part by part, without holding them: each part is stored whole before the next is
	 * asked for, and nothing of it can be taken back. Where it ends halfway, what came in stays.
	 * @param oncame told how many of a part came in: also of one whose writing was begun and refused halfway, which is
	 * finished by whoever opens or writes next
	 * @throws when a part is refused, once the records are in order again
	 */
	async bringIn(
		parts: AsyncIterable<readonly AnyDocument[]>,
		oncame: (count: number) => void = () => undefined
	): Promise<void> {
		await this.flush();
		const days = new Set<string>();
		const fresh = new Map<string, LedgerLeaf>();
		let missed = false;
		try {
			for await (const part of parts) {
				const id = newId();
				const written = this.#store.commit(id, () =>
					Promise.resolve({
						put: part.map((document) => ({ key: keyOf(document), value: document })),
						remove: []
					})
				);
				const { sequence, batch } = await written.catch(async (error: unknown) => {
					if (await this.#store.isJournalled(id)) oncame(part.length);
					throw error;
				});
				missed ||= sequence !== this.#sequence + 1;
				this.#sequence = sequence;
				for (const document of part) {
					if (document.kind === 'visit') {
						const before = this.cards.get(document.id)?.date;
						if (before !== undefined) days.add(before);
						days.add(document.date);
						fresh.set(document.id, leafOf(document));
					}
					this.#heard(keyOf(document), document);
				}
				oncame(part.length);
				this.#options.channel?.postMessage({ sequence, batch } satisfies Broadcast);
			}
		} finally {
			await (missed ? this.#catchUp() : this.#putInOrder(days, fresh));
		}
	}
	/** Writes the index of what was brought in. Where somebody else wrote meanwhile, the next one who opens makes it. */
	#putInOrder(days: ReadonlySet<string>, fresh: ReadonlyMap<string, LedgerLeaf>): Promise<void> {
		return this.#store
			.open(async (from) => {
				if (from.sequence !== this.#sequence) return;
				await from.putIndex(
					pagesOfDays(days, this.cards.values(), fresh, (key) => from.index.get(key))
				);
				const meta = newMeta({
					sequence: from.sequence,
					documents: (await from.documents.keys()).length,
					whole: this.#held.wholeKeys,
					aside: this.aside.map(({ key }) => key)
				});
				await from.putIndex(oneByOne([[META, meta]]));
			})
			.catch(() => undefined);
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
		await this.#store.commit(newId(), (sequence, read) => withIndex([], sequence, read, fresh));
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

	/** A picture that is not known to be stored, as text; nothing of any other. */
	textOf = (key: string): string | undefined => this.#texts.get(key);

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
		this.#held.put(key, document);
		this.#dirty.add(key);
		if (this.saveState.status === 'saved') this.saveState = { status: 'saving' };
		if (document?.kind === 'picture') {
			// A page that closes can note nothing but text: it is made now, and the picture goes at once.
			this.fresh.add(key);
			void dataUrlOf(document.image)
				.then((text) => {
					if (this.#dirty.has(key) || this.#flight?.entries.has(key)) this.#texts.set(key, text);
				})
				.finally(() => this.fresh.delete(key));
			queueMicrotask(() => void this.flush());
			return;
		}
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
			const written: Written[] = [];
			for (const [key, { before, after }] of entries) {
				if (!behind) {
					written.push({ key, was: before, now: after });
					continue;
				}
				const there = readDocument(await read(key));
				const was = there.ok ? there.document : undefined;
				const merged = merge3(before, after, was);
				clashes.push(...merged.clashes.map((clash) => ({ ...clash, key, id: newId() })));
				written.push({ key, was, now: merged.value });
			}
			return withIndex(written, stored, read);
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
		const documents: Batch = {
			put: batch.put.filter(({ key }) => !isIndexKey(key)),
			remove: batch.remove.filter((key) => !isIndexKey(key))
		};
		this.#options.channel?.postMessage({ sequence, batch: documents } satisfies Broadcast);
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
			if (read.ok) this.#heard(key, read.document);
		}
		for (const key of batch.remove) this.#heard(key, undefined);
	}

	/** A document was stored by somebody else: it is held where somebody here may be looking at it. */
	#heard(key: string, document: AnyDocument | undefined): void {
		if (
			document?.kind === 'visit' &&
			!this.#held.get(key) &&
			!(this.cards.of(document.clientId).length > 0 && this.isRead(document.clientId))
		) {
			this.#held.putCard(document);
			return;
		}
		this.#settle(key, this.#stored.get(key), document);
		if (!document && !this.#held.get(key)) this.#held.put(key, undefined);
	}

	/**
	 * Reads again what is stored, where something was missed: as often as it takes. Somebody may be bringing in many,
	 * and the index is not of all of them yet; where it stays so, it is made here.
	 */
	async #catchUp(tries = 0, anew = false): Promise<void> {
		const found = await this.#store
			.open(async (from) => {
				const opened = anew
					? await makeIndex(from)
					: tries < CATCH_UP_TRIES
						? await readIndex(from)
						: await openIndex(from);
				const held = await Promise.all(
					[...this.#stored.keys()].map(
						async (key) => [key, readDocument(await from.documents.get(key))] as const
					)
				);
				return opened && { opened, held };
			})
			.catch(() => undefined);
		if (!found) {
			setTimeout(() => void this.#catchUp(tries + 1), CATCH_UP_MS);
			return;
		}
		const { opened, held } = found;
		this.#sequence = Math.max(this.#sequence, opened.sequence);
		const there = new Map(opened.documents.map((document) => [keyOf(document), document]));
		for (const [key, read] of held) if (read.ok) there.set(key, read.document);
		this.cards.replace(opened.cards);
		this.aside = opened.aside;
		for (const key of new Set([...there.keys(), ...this.#stored.keys()])) {
			const document = there.get(key);
			if (!equal(document, this.#stored.get(key))) {
				this.#settle(key, this.#stored.get(key), document);
			}
		}
		// Another window may have put a picture to a visit that is held.
		void this.readVisits([...this.visits.keys()]).catch(() => undefined);
		// What is changed here and not stored yet has a card of its own.
		for (const key of this.#dirty) this.#held.put(key, this.#held.get(key));
		this.book.again();
	}

	/** A document is stored: what was changed here since is laid on it. */
	#settle(key: string, base: AnyDocument | undefined, stored: AnyDocument | undefined): void {
		this.#texts.delete(key);
		this.fresh.delete(key);
		if (stored) this.#stored.set(key, stored);
		else this.#stored.delete(key);
		const mine = this.#held.get(key);
		if (mine === stored) return;
		const { value, clashes } = merge3(base, mine, stored);
		this.#held.put(key, value);
		if (clashes.length > 0 && !this.#flight?.entries.has(key)) {
			this.clashes = [...this.clashes, ...clashes.map((clash) => ({ ...clash, key, id: newId() }))];
		}
	}
}

async function* oneByOne<T>(items: readonly T[]): AsyncGenerator<T> {
	for (const item of items) yield await Promise.resolve(item);
}

const isFull = (error: unknown): boolean =>
	error instanceof DOMException && error.name === 'QuotaExceededError';
const wordsOf = (error: unknown): string =>
	error instanceof Error ? error.message : String(error);

import type { KeyValueStore } from './keyValue';

/** Documents to be written and removed as one. */
export interface Batch {
	readonly put: readonly { readonly key: string; readonly value: unknown }[];
	readonly remove: readonly string[];
}

/** What the journal says: the last batch, and whether all of it is applied. */
interface Entry {
	readonly id: string;
	/** Its place in the sequence of all batches. */
	readonly sequence: number;
	/** What of it is to be applied; both are missing once all of it is. */
	readonly put?: Batch['put'];
	readonly remove?: Batch['remove'];
}

/** Does something while nobody else, in any window, does the like. */
export type Exclusively = <T>(work: () => Promise<T>) => Promise<T>;

/** The values of one store, read while nobody writes. */
interface Shelf {
	get(key: string): Promise<unknown>;
	each(before: string, visit: (value: unknown, key: string) => void): Promise<void>;
	keys(): Promise<string[]>;
}

/** What is read while nobody else, in any window, writes. */
export interface Reading {
	readonly sequence: number;
	readonly documents: Shelf;
	readonly index: Shelf;
	/** Puts an index in place of the one there is: page by page, and what makes it valid last. */
	rewriteIndex(pages: Iterable<readonly [string, unknown]>): Promise<void>;
	/** Puts pages into the index that there is, in their order. */
	putIndex(pages: AsyncIterable<readonly [string, unknown]>): Promise<void>;
}

/** Keys of what goes into the index; all others are documents. */
export const isIndexKey = (key: string): boolean => /^(card|leaf|meta)\b/.test(key);

/** How many values are on their way at once. */
const AT_ONCE = 100;
const ENTRY = 'entry';
const NOTHING: Entry = { id: '', sequence: 0 };

/**
 * Documents with a write-ahead journal, and a small index beside them: a batch is written into the journal as
 * one value, applied value by value, and cleared. Whatever is killed in between, the next one who opens or writes
 * applies the rest: all of a batch is there, or nothing of it. It is safe with the first write, one read after it
 * was asked for: what stands in between is what a kill may take.
 */
export class JournalledStore {
	/** The batch composed last by this window, should its writing have to be tried again. */
	#composed: { readonly id: string; readonly batch: Batch } | undefined;
	/** What a killed window left and the disk is too full for: read as if it were there. */
	#left = new Map<string, unknown>();

	/** @param index a store of its own: other windows of an earlier Zelvant know nothing of it */
	constructor(
		private readonly documents: KeyValueStore,
		private readonly journal: KeyValueStore,
		private readonly index: KeyValueStore,
		private readonly exclusively: Exclusively
	) {}

	/**
	 * Applies what a killed window left in the journal, or, where the disk is too full for that, reads it with the
	 * rest until it can be applied; then reads whatever is asked for, while nobody writes.
	 */
	open<T>(read: (from: Reading) => Promise<T>): Promise<T> {
		return this.exclusively(async () => {
			const left = await this.#entry();
			await this.#apply(left).catch(() => {
				this.#left = new Map(left.put?.map(({ key, value }) => [key, value]));
				for (const key of left.remove ?? []) this.#left.set(key, undefined);
			});
			return read({
				sequence: left.sequence,
				documents: this.#reading(this.documents, (key) => !isIndexKey(key)),
				index: this.#reading(this.index, isIndexKey),
				rewriteIndex: (pages) => this.#rewriteIndex(pages),
				putIndex: async (pages) => {
					for await (const [key, value] of pages) await this.index.set(key, value);
				}
			});
		});
	}

	/** A value as it is by now; nothing where there is none. */
	get(key: string): Promise<unknown> {
		return this.#left.has(key) ? Promise.resolve(this.#left.get(key)) : this.#storeOf(key).get(key);
	}

	/** Whether a batch stands in the journal: then all of it is there, or comes with the next write. */
	async isJournalled(id: string): Promise<boolean> {
		return this.#entry().then(
			(entry) => entry.id === id,
			() => false
		);
	}

	/** Keys of all documents, in their order. */
	async keys(): Promise<string[]> {
		return this.#reading(this.documents, (key) => !isIndexKey(key)).keys();
	}

	/**
	 * Writes a batch whole. Tried again under the same id, it is written once.
	 * @param compose makes the batch from what is stored at that moment
	 * @returns the batch as it was written, and its place in the sequence of all batches
	 */
	commit(
		id: string,
		compose: (sequence: number, read: (key: string) => Promise<unknown>) => Promise<Batch>
	): Promise<{ readonly sequence: number; readonly batch: Batch }> {
		return this.exclusively(async () => {
			const last = await this.#entry();
			await this.#apply(last);
			if (last.id === id && this.#composed?.id === id) {
				return { sequence: last.sequence, batch: this.#composed.batch };
			}
			const batch = await compose(last.sequence, (key) => this.get(key));
			this.#composed = { id, batch };
			const entry: Entry = { ...batch, id, sequence: last.sequence + 1 };
			await this.journal.set(ENTRY, entry);
			await this.#apply(entry);
			return { sequence: entry.sequence, batch };
		});
	}

	#storeOf(key: string): KeyValueStore {
		return isIndexKey(key) ? this.index : this.documents;
	}

	#reading(store: KeyValueStore, isOwn: (key: string) => boolean): Shelf {
		const left = [...this.#left].filter(([key]) => isOwn(key));
		return {
			get: (key) => this.get(key),
			each: async (before, visit) => {
				await store.each(before, (value, key) => {
					if (!this.#left.has(key)) visit(value, key);
				});
				for (const [key, value] of left) if (key < before && value !== undefined) visit(value, key);
			},
			keys: async () => {
				const keys = (await store.keys()).filter((key) => !this.#left.has(key));
				return [
					...keys,
					...left.flatMap(([key, value]) => (value === undefined ? [] : [key]))
				].sort();
			}
		};
	}

	async #rewriteIndex(pages: Iterable<readonly [string, unknown]>): Promise<void> {
		const { index } = this;
		// Killed halfway it is no index: what makes it one comes last.
		await index.clear();
		const all = [...pages];
		for (const some of inParts(all.slice(0, -1))) {
			await Promise.all(some.map(([key, value]) => index.set(key, value)));
		}
		const last = all.at(-1);
		if (last) await index.set(...last);
	}

	async #entry(): Promise<Entry> {
		return ((await this.journal.get(ENTRY)) as Entry | null | undefined) ?? NOTHING;
	}

	/** Applying twice comes to the same as applying once. */
	async #apply({ id, sequence, put, remove }: Entry): Promise<void> {
		if (!put || !remove) return;
		for (const some of inParts(put)) {
			await Promise.all(some.map(({ key, value }) => this.#storeOf(key).set(key, value)));
		}
		for (const some of inParts(remove)) {
			await Promise.all(some.map((key) => this.#storeOf(key).remove(key)));
		}
		await this.journal.set(ENTRY, { id, sequence } satisfies Entry);
		this.#left.clear();
	}
}

function* inParts<T>(items: readonly T[]): Generator<readonly T[]> {
	for (let i = 0; i < items.length; i += AT_ONCE) yield items.slice(i, i + AT_ONCE);
}

/** By Web Locks where the browser has them; over plain http, where it has none, one after the other in this window. */
export function exclusivelyBy(name: string): Exclusively {
	// Not there on pages over plain http, whatever the types say.
	const locks = navigator.locks as LockManager | undefined;
	if (locks) return <T>(work: () => Promise<T>) => locks.request(name, work) as Promise<T>;
	let before: Promise<unknown> = Promise.resolve();
	return (work) => {
		const next = before.then(work, work);
		before = next.catch(() => undefined);
		return next;
	};
}

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

/** A stored value with its key. */
interface Row {
	readonly key: string;
	readonly value: unknown;
}

/** How many documents are on their way at once. */
const AT_ONCE = 100;
const ENTRY = 'entry';
const NOTHING: Entry = { id: '', sequence: 0 };

/**
 * Documents with a write-ahead journal: a batch is written into the journal as one value, applied document
 * by document, and cleared. Whatever is killed in between, the next one who opens or writes applies the
 * rest: all of a batch is there, or nothing of it. It is safe with the first write, one read after it was
 * asked for: what stands in between is what a kill may take.
 */
export class JournalledStore {
	/** The batch composed last by this window, should its writing have to be tried again. */
	#composed: { readonly id: string; readonly batch: Batch } | undefined;

	constructor(
		private readonly documents: KeyValueStore,
		private readonly journal: KeyValueStore,
		private readonly exclusively: Exclusively
	) {}

	/**
	 * Everything there is, with what a killed window left in the journal: applied, or, where the disk is too
	 * full for that, read with the rest until it can be.
	 */
	open(): Promise<{ readonly sequence: number; readonly rows: readonly Row[] }> {
		return this.exclusively(async () => {
			const left = await this.#entry();
			const applied = await this.#apply(left).then(
				() => true,
				() => false
			);
			const rows = await this.documents.all();
			return { sequence: left.sequence, rows: applied ? rows : withEntry(rows, left) };
		});
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
			const batch = await compose(last.sequence, (key) => this.documents.get(key));
			this.#composed = { id, batch };
			const entry: Entry = { ...batch, id, sequence: last.sequence + 1 };
			await this.journal.set(ENTRY, entry);
			await this.#apply(entry);
			return { sequence: entry.sequence, batch };
		});
	}

	async #entry(): Promise<Entry> {
		return ((await this.journal.get(ENTRY)) as Entry | null | undefined) ?? NOTHING;
	}

	/** Applying twice comes to the same as applying once. */
	async #apply({ id, sequence, put, remove }: Entry): Promise<void> {
		if (!put || !remove) return;
		for (let i = 0; i < put.length; i += AT_ONCE) {
			await Promise.all(
				put.slice(i, i + AT_ONCE).map(({ key, value }) => this.documents.set(key, value))
			);
		}
		for (let i = 0; i < remove.length; i += AT_ONCE) {
			await Promise.all(remove.slice(i, i + AT_ONCE).map((key) => this.documents.remove(key)));
		}
		await this.journal.set(ENTRY, { id, sequence } satisfies Entry);
	}
}

/** Rows as they are once a batch is applied. */
function withEntry(rows: readonly Row[], { put = [], remove = [] }: Entry): Row[] {
	const all = new Map(rows.map(({ key, value }) => [key, value]));
	for (const { key, value } of put) all.set(key, value);
	for (const key of remove) all.delete(key);
	return [...all].map(([key, value]) => ({ key, value }));
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

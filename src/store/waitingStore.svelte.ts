import type { KeyValueStore } from './keyValue';

/** What waits under a key, or nothing where it waits no longer. */
interface Entry {
	/** Grows with every change of one key: of two the later one is known. */
	readonly turn: number;
	readonly value?: unknown;
}

/** A write that was refused is tried again after this time, ms. */
const RETRY_MS = 4000;

/**
 * What somebody is filling in, by key. It is written down at once, into a database: what a browser keeps beside those it
 * writes when it likes, and a killed one loses it. A page that closes does not wait for a database, so what is still
 * on its way then is noted beside it.
 */
export class WaitingStore {
	/** What is not written down yet. */
	readonly #due = new Map<string, Entry>();
	readonly #turns = new Map<string, number>();
	#isWriting = false;
	/** Values that are not written down yet, and whether the browser refused one. */
	unsaved = $state(0);
	isRefused = $state(false);

	/**
	 * @param notes what is written at once but not for certain; nothing where the browser forbids it
	 * @param prefix of keys among the notes
	 */
	constructor(
		private readonly store: KeyValueStore,
		private readonly notes: Storage | undefined,
		private readonly prefix: string
	) {}

	/** Keeps a value, which has to be plain. */
	put(key: string, value: unknown): void {
		this.#change(key, { turn: this.#nextTurn(key), value: $state.snapshot(value) });
	}
	remove(key: string): void {
		this.#change(key, { turn: this.#nextTurn(key) });
	}

	/**
	 * Notes what is not written down yet, as the page may close.
	 * @returns whether all of it is noted: otherwise it is gone with the page
	 */
	leave(): boolean {
		for (const [key, entry] of this.#due) {
			try {
				if (!this.notes) return false;
				this.notes.setItem(this.prefix + key, JSON.stringify(entry));
			} catch {
				return false;
			}
		}
		return true;
	}

	/**
	 * All that waits, of any window, by key; nothing under one that waits no longer and whose page closed before that was
	 * written down. A store that refuses is one in which nothing is.
	 */
	async read(): Promise<ReadonlyMap<string, unknown>> {
		const found = new Map<string, Entry>();
		const find = (key: string, entry: Entry | undefined) => {
			if (!entry) return;
			const known = found.get(key);
			if (!known || known.turn < entry.turn) found.set(key, entry);
			this.#turns.set(key, Math.max(this.#turns.get(key) ?? 0, entry.turn));
		};
		await this.store
			.each('\uffff', (entry, key) => find(key, asEntry(entry)))
			.catch(() => undefined);
		const { notes, prefix } = this;
		for (let i = 0; notes && i < notes.length; i++) {
			const name = notes.key(i)!;
			if (name.startsWith(prefix)) find(name.slice(prefix.length), parsed(notes.getItem(name)));
		}
		return new Map([...found].map(([key, { value }]) => [key, value]));
	}

	#nextTurn(key: string): number {
		const turn = (this.#turns.get(key) ?? 0) + 1;
		this.#turns.set(key, turn);
		return turn;
	}
	#change(key: string, entry: Entry): void {
		this.#due.set(key, entry);
		this.unsaved = this.#due.size;
		void this.#write();
	}
	/** Writes one after the other; of what changes meanwhile the last is written. */
	async #write(): Promise<void> {
		if (this.#isWriting) return;
		this.#isWriting = true;
		clearTimeout(this.#retry);
		try {
			for (let next; (next = this.#due.entries().next().value);) {
				const [key, entry] = next;
				await (entry.value === undefined ? this.store.remove(key) : this.store.set(key, entry));
				this.isRefused = false;
				// Changed meanwhile, it comes once more.
				if (this.#due.get(key) !== entry) continue;
				this.#due.delete(key);
				this.notes?.removeItem(this.prefix + key);
				this.unsaved = this.#due.size;
			}
		} catch {
			this.isRefused = true;
			this.#retry = setTimeout(() => void this.#write(), RETRY_MS);
		} finally {
			this.#isWriting = false;
		}
	}
	#retry: ReturnType<typeof setTimeout> | undefined;
}

/** What stands in the database or in a note; of an earlier Zelvant the value stands there alone. */
function asEntry(kept: unknown): Entry | undefined {
	if (typeof kept !== 'object' || kept === null) return undefined;
	return 'turn' in kept ? (kept as Entry) : { turn: 0, value: kept };
}
/** A note that was half written is worth nothing. */
function parsed(text: string | null): Entry | undefined {
	try {
		return asEntry(JSON.parse(text ?? ''));
	} catch {
		return undefined;
	}
}

import { dequal as equal } from 'dequal/lite';
import type { VisitCard } from '../model/index/card';
import type { LedgerLeaf } from '../model/index/leaf';
import { leafKey, leavesOf } from './recordIndex';

/** What the book is read from. */
interface BookSource {
	readonly cards: { values(): Iterable<VisitCard>; has(id: string): boolean };
	get(key: string): Promise<unknown>;
}

/** Days that are read at once. */
const AT_ONCE = 60;

/**
 * The leaves of all visits: rows of the ledger, what was weighed, what was asked. They are read from the index when
 * somebody asks, the latest first, and follow every change from then on.
 */
export class LedgerBook {
	/** Another object around the same map after every change: whoever reads it hears of that. */
	#now = $state.raw({ leaves: new Map<string, LedgerLeaf>() });
	/** Share of it that is read; nothing before anybody asked. */
	share = $state.raw<number | undefined>();
	/** Why it could not be read. */
	trouble = $state.raw<string | undefined>();
	#reading: Promise<void> | undefined;

	constructor(private readonly source: BookSource) {}

	/** Leaves that are read by now, the latest first. */
	leaves: readonly LedgerLeaf[] = $derived(
		[...this.#now.leaves.values()].sort((p, q) => (p.date < q.date ? 1 : p.date > q.date ? -1 : 0))
	);
	get isRead(): boolean {
		return this.share === 1;
	}

	/** Reads all of it; what is read already is not read again. */
	read(): Promise<void> {
		this.#reading ??= this.#readAll().catch((error: unknown) => {
			this.trouble = error instanceof Error ? error.message : String(error);
			this.#reading = undefined;
		});
		return this.#reading;
	}
	async #readAll(): Promise<void> {
		this.trouble = undefined;
		this.share ??= 0;
		const days = [...new Set([...this.source.cards.values()].map(({ date }) => date))]
			.sort()
			.reverse();
		for (let i = 0; i < days.length; i += AT_ONCE) {
			const pages = await Promise.all(
				days.slice(i, i + AT_ONCE).map((day) => this.source.get(leafKey(day)))
			);
			for (const leaf of pages.flatMap((page) => leavesOf(page))) {
				// What was changed or removed since is newer than what is read.
				if (!this.#now.leaves.has(leaf.visitId) && this.source.cards.has(leaf.visitId))
					this.#now.leaves.set(leaf.visitId, leaf);
			}
			this.#now = { ...this.#now };
			this.share = Math.min(0.99, (i + AT_ONCE) / days.length);
		}
		this.share = 1;
	}

	/** Takes leaves that need not be read. */
	take(leaves: Iterable<LedgerLeaf>): void {
		for (const leaf of leaves) this.#now.leaves.set(leaf.visitId, leaf);
		this.#now = { ...this.#now };
		this.share = 1;
		this.#reading = Promise.resolve();
	}

	/** Something was missed: what is read is read again. */
	again(): void {
		if (this.share === undefined) return;
		this.#now.leaves.clear();
		this.#reading = undefined;
		void this.read();
	}

	/** A visit was changed; before anybody asks for the book nothing is made of it. */
	put(makeLeaf: () => LedgerLeaf): void {
		if (this.share === undefined) return;
		const leaf = makeLeaf();
		if (equal(this.#now.leaves.get(leaf.visitId), leaf)) return;
		this.#now.leaves.set(leaf.visitId, leaf);
		this.#now = { ...this.#now };
	}
	delete(id: string): void {
		if (this.#now.leaves.delete(id)) this.#now = { ...this.#now };
	}
}

import { SvelteMap } from 'svelte/reactivity';
import { keyOf } from '../model/identity';
import { cardOf } from '../model/index/card';
import { leafOf } from '../model/index/leaf';
import type { AnyDocument, Client, Learner, Picture, Shelf, Trial, Visit } from '../schema/records';
import { CardIndex } from './cardIndex.svelte';
import { LedgerBook } from './ledgerBook.svelte';

/**
 * The documents that are in memory, reactive: clients, the shelf, mornings at the bench and whoever practises always,
 * visits and their pictures once somebody asked for them. Of all visits there are their cards, and the ledger.
 */
export class HeldDocuments {
	readonly clients = new SvelteMap<string, Client>();
	/** What is known of every visit, read or not. */
	readonly cards = new CardIndex();
	/** Visits that were read. */
	readonly visits = new SvelteMap<string, Visit>();
	/** Mornings at the bench. */
	readonly trials = new SvelteMap<string, Trial>();
	/** Whoever practises. */
	readonly learners = new SvelteMap<string, Learner>();
	/** Pictures of the visits that were read. */
	readonly pictures = new SvelteMap<string, Picture>();
	/** The ledger of all visits, once it is asked for. */
	readonly book: LedgerBook;
	shelf = $state.raw<Shelf | undefined>();
	/** Where documents of each kind are held; the shelf is alone. */
	readonly #maps = {
		client: this.clients,
		visit: this.visits,
		picture: this.pictures,
		trial: this.trials,
		learner: this.learners
	} as unknown as Partial<Record<string, SvelteMap<string, AnyDocument>>>;

	/** @param read a value as it is stored, for what is not held */
	constructor(read: (key: string) => Promise<unknown>) {
		this.book = new LedgerBook({ cards: this.cards, get: read });
	}

	/** Whether there is nothing at all. */
	get isEmpty(): boolean {
		return this.clients.size + this.cards.size === 0 && !this.shelf;
	}

	/** A document that is in memory; nothing where it is not, or there is none. */
	get(key: string): AnyDocument | undefined {
		const [kind, id = ''] = key.split(':');
		const map = this.#maps[kind ?? ''];
		return map ? map.get(id) : this.shelf && keyOf(this.shelf) === key ? this.shelf : undefined;
	}
	/** Takes a document in, with its card and its rows of the ledger; left out, it is gone from them all. */
	put(key: string, document: AnyDocument | undefined): void {
		const [kind, id = ''] = key.split(':');
		const map = this.#maps[kind ?? ''];
		if (document?.kind === 'shelf') this.shelf = document;
		else if (document) map?.set(id, document);
		else if (map) map.delete(id);
		else if (this.shelf && keyOf(this.shelf) === key) this.shelf = undefined;
		if (document?.kind === 'visit') this.putCard(document);
		else if (kind === 'visit') {
			this.cards.delete(id);
			this.book.delete(id);
		}
	}
	/** Of a visit that is not held, its card and its rows. */
	putCard(visit: Visit): void {
		this.cards.put(cardOf(visit));
		this.book.put(() => leafOf(visit));
	}

	/** Visits of a client, newest first, as far as they are read. */
	visitsOf(clientId: string): Visit[] {
		return this.cards
			.of(clientId)
			.flatMap(({ id }) => this.visits.get(id) ?? [])
			.sort((p, q) => q.date.localeCompare(p.date) || q.createdAt.localeCompare(p.createdAt));
	}
	/** Whether all visits of a client are in memory. */
	isRead(clientId: string): boolean {
		return this.cards.of(clientId).every(({ id }) => this.visits.has(id));
	}
	/** Keys of documents that are read whole at every opening. */
	get wholeKeys(): string[] {
		const alone = this.shelf ? [keyOf(this.shelf)] : [];
		return [...alone, ...[...this.trials.values(), ...this.learners.values()].map(keyOf)];
	}
}

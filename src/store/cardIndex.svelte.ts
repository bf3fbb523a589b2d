import { dequal as equal } from 'dequal/lite';
import type { VisitCard } from '../model/index/card';

/**
 * The cards of all visits in memory. Whoever reads any of them hears of every change to one: there are too many
 * to be followed each by itself, and most of what is done to a visit does not change its card.
 */
export class CardIndex {
	/** Another object around the same maps after every change: whoever reads it hears of that. */
	#now = $state.raw({
		cards: new Map<string, VisitCard>(),
		of: new Map<string, Map<string, VisitCard>>()
	});

	get size(): number {
		return this.#now.cards.size;
	}
	get(id: string): VisitCard | undefined {
		return this.#now.cards.get(id);
	}
	has(id: string): boolean {
		return this.get(id) !== undefined;
	}
	values(): IterableIterator<VisitCard> {
		return this.#now.cards.values();
	}
	/** Cards of a client's visits. */
	of(clientId: string): readonly VisitCard[] {
		return [...(this.#now.of.get(clientId)?.values() ?? [])];
	}

	put(card: VisitCard): void {
		const { id, clientId } = card;
		const known = this.#now.cards.get(id);
		if (equal(known, card)) return;
		if (known && known.clientId !== clientId) this.#forget(known);
		this.#now.cards.set(id, card);
		const own = this.#now.of.get(clientId);
		if (own) own.set(id, card);
		else this.#now.of.set(clientId, new Map([[id, card]]));
		this.#now = { ...this.#now };
	}
	delete(id: string): void {
		const known = this.#now.cards.get(id);
		if (!known) return;
		this.#now.cards.delete(id);
		this.#forget(known);
		this.#now = { ...this.#now };
	}
	/** Puts other cards in place of all there are. */
	replace(cards: Iterable<VisitCard>): void {
		this.#now.cards.clear();
		this.#now.of.clear();
		for (const card of cards) this.put(card);
		this.#now = { ...this.#now };
	}

	#forget({ id, clientId }: VisitCard): void {
		const own = this.#now.of.get(clientId);
		own?.delete(id);
		if (own?.size === 0) this.#now.of.delete(clientId);
	}
}

import type { Client } from '../schema/records';

const plain = (text: string): string => text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase();

/** The text of an item as it is searched: without accents and capitals, made once for each item. */
export function searchable<T extends object>(textOf: (item: T) => string): (item: T) => string {
	const made = new WeakMap<T, string>();
	return (item) => {
		let text = made.get(item);
		if (text === undefined) {
			text = plain(textOf(item));
			made.set(item, text);
		}
		return text;
	};
}

/** Longest that texts are made in one go, ms: well within a frame. */
const SLICE_MS = 6;

/**
 * Makes the texts of many items ahead of the first search, between frames.
 * @param searched as {@link searchable} gives it
 * @returns what stops it
 */
export function warmUp<T extends object>(
	items: readonly T[],
	searched: (item: T) => string
): () => void {
	let next = 0;
	let timer: ReturnType<typeof setTimeout> | undefined;
	function slice(): void {
		const until = performance.now() + SLICE_MS;
		while (next < items.length && performance.now() < until) searched(items[next++]!);
		timer = next < items.length ? setTimeout(slice) : undefined;
	}
	timer = setTimeout(slice);
	return () => clearTimeout(timer);
}

/**
 * The first of the items whose text holds every word of a query, whatever its accents, in their order.
 * @param query words; an empty one finds everything
 * @param searched as {@link searchable} gives it
 */
export function findByWords<T extends object>(
	items: Iterable<T>,
	query: string,
	searched: (item: T) => string,
	most = Infinity
): T[] {
	const words = plain(query).split(/\s+/).filter(Boolean);
	if (words.length === 0) return Number.isFinite(most) ? [...items].slice(0, most) : [...items];
	const found: T[] = [];
	for (const item of items) {
		if (found.length >= most) break;
		const text = searched(item);
		if (words.every((word) => text.includes(word))) found.push(item);
	}
	return found;
}

const ofClient = searchable(({ name, contact, note }: Client) => `${name} ${contact} ${note}`);

/** Clients whose name, contact or note holds every word, whatever its accents; by name. */
export const findClients = (clients: readonly Client[], query: string): Client[] =>
	findByWords(clients, query, ofClient).sort((p, q) => p.name.localeCompare(q.name));

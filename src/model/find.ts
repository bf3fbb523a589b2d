import type { Client } from '../schema/records';

const plain = (text: string): string => text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase();

/**
 * The first of the items whose text holds every word of a query, whatever its accents, in their order.
 * @param query words; an empty one finds everything
 */
export function findByWords<T>(
	items: Iterable<T>,
	query: string,
	textOf: (item: T) => string,
	most = Infinity
): T[] {
	const words = plain(query).split(/\s+/).filter(Boolean);
	if (words.length === 0) return Number.isFinite(most) ? [...items].slice(0, most) : [...items];
	const found: T[] = [];
	for (const item of items) {
		if (found.length >= most) break;
		const text = plain(textOf(item));
		if (words.every((word) => text.includes(word))) found.push(item);
	}
	return found;
}

/** Clients whose name, contact or note holds every word, whatever its accents; by name. */
export const findClients = (clients: readonly Client[], query: string): Client[] =>
	findByWords(clients, query, ({ name, contact, note }) => `${name} ${contact} ${note}`).sort(
		(p, q) => p.name.localeCompare(q.name)
	);

import type { Client } from '../schema/records';

const plain = (text: string): string => text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase();

/** Clients whose name, contact or note holds every word, whatever its accents; by name. */
export function findClients(clients: readonly Client[], query: string): Client[] {
	const words = plain(query).split(/\s+/).filter(Boolean);
	return clients
		.filter((client) => {
			const text = plain(`${client.name} ${client.contact} ${client.note}`);
			return words.every((word) => text.includes(word));
		})
		.sort((p, q) => p.name.localeCompare(q.name));
}

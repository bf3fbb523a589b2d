import localforage from 'localforage';
import type { DocumentStore } from './documents';

/** A salon's own records, or the demo's: two databases, so that they can never mix. */
export type Workspace = 'own' | 'demo';

/** Documents in IndexedDB. Each write is one transaction: it happens whole or not at all. */
export function browserStore(workspace: Workspace): DocumentStore {
	const forage = localforage.createInstance({
		name: workspace === 'own' ? 'zelvant' : 'zelvant-demo',
		storeName: 'documents'
	});
	return {
		async readAll() {
			const rows: { key: string; value: unknown }[] = [];
			await forage.iterate<unknown, undefined>((value, key) => {
				rows.push({ key, value });
				return undefined;
			});
			return rows;
		},
		async write(key, value) {
			await forage.setItem(key, value);
		},
		remove: (key) => forage.removeItem(key),
		clear: () => forage.clear()
	};
}

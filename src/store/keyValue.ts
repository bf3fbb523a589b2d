import localforage from 'localforage';

/** A place for values by key. Each call is done whole or not at all, and says so. */
export interface KeyValueStore {
	get(key: string): Promise<unknown>;
	set(key: string, value: unknown): Promise<void>;
	remove(key: string): Promise<void>;
	/** Every value with its key, as it is: nothing is known of its shape yet. */
	all(): Promise<{ readonly key: string; readonly value: unknown }[]>;
}

/**
 * Values in IndexedDB and nowhere else: where it is refused nothing is written somewhere that nobody looks.
 * @throws when it is first used, if the browser refuses IndexedDB
 */
export function browserStore(database: string, storeName: string): KeyValueStore {
	const forage = localforage.createInstance({
		name: database,
		storeName,
		driver: localforage.INDEXEDDB
	});
	return {
		get: (key) => forage.getItem(key),
		async set(key, value) {
			await forage.setItem(key, value);
		},
		remove: (key) => forage.removeItem(key),
		async all() {
			const rows: { key: string; value: unknown }[] = [];
			await forage.iterate<unknown, undefined>((value, key) => {
				rows.push({ key, value });
				return undefined;
			});
			return rows;
		}
	};
}

/** Values in memory, as they are: documents are never changed in place. */
export function memoryStore(initial: Iterable<readonly [string, unknown]> = []): KeyValueStore {
	const map = new Map<string, unknown>(initial);
	return {
		get: (key) => Promise.resolve(map.get(key) ?? null),
		set: (key, value) => {
			map.set(key, value);
			return Promise.resolve();
		},
		remove: (key) => {
			map.delete(key);
			return Promise.resolve();
		},
		all: () => Promise.resolve([...map].map(([key, value]) => ({ key, value })))
	};
}

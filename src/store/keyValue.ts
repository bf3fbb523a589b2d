import localforage from 'localforage';

/** A place for values by key. Each call is done whole or not at all, and says so. */
export interface KeyValueStore {
	get(key: string): Promise<unknown>;
	set(key: string, value: unknown): Promise<void>;
	remove(key: string): Promise<void>;
	/**
	 * Walks the values in the order of their keys, as they are: nothing is known of their shape yet.
	 * @param before only those whose key comes before this one
	 */
	each(before: string, visit: (value: unknown, key: string) => void): Promise<void>;
	keys(): Promise<string[]>;
	/** Takes everything out, at once: one by one it takes a browser many times as long. */
	clear(): Promise<void>;
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
		async each(before, visit) {
			// Whatever it is told but `undefined` ends the walk.
			await forage.iterate<unknown, true | undefined>((value, key) => {
				if (key >= before) return true;
				visit(value, key);
				return undefined;
			});
		},
		keys: () => forage.keys(),
		clear: () => forage.clear()
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
		each: (before, visit) => {
			for (const key of [...map.keys()].sort()) if (key < before) visit(map.get(key), key);
			return Promise.resolve();
		},
		keys: () => Promise.resolve([...map.keys()].sort()),
		clear: () => {
			map.clear();
			return Promise.resolve();
		}
	};
}

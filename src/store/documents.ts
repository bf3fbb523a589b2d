/** Where documents are kept: localForage in the browser, a map in tests. */
export interface DocumentStore {
	/** Every stored value, as it is: nothing is known of its shape yet. */
	readAll(): Promise<{ key: string; value: unknown }[]>;
	write(key: string, value: unknown): Promise<void>;
	remove(key: string): Promise<void>;
	clear(): Promise<void>;
}

/** A store in memory. */
export function memoryStore(initial: Iterable<[string, unknown]> = []): DocumentStore {
	const map = new Map<string, unknown>(initial);
	return {
		readAll: () => Promise.resolve([...map].map(([key, value]) => ({ key, value }))),
		write: (key, value) => {
			map.set(key, structuredClone(value));
			return Promise.resolve();
		},
		remove: (key) => {
			map.delete(key);
			return Promise.resolve();
		},
		clear: () => {
			map.clear();
			return Promise.resolve();
		}
	};
}

import type { KeyValueStore } from '../store/keyValue';

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

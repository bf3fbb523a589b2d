/**
 * A browser may forbid a page its localStorage: asking for it throws then, and libraries that ask as they are loaded
 * take the page with them. What they would keep there is held as long as the window is open.
 */
function standIn(): void {
	const held = new Map<string, string>();
	const storage: Storage = {
		get length() {
			return held.size;
		},
		key: (index) => [...held.keys()][index] ?? null,
		getItem: (key) => held.get(key) ?? null,
		setItem: (key, value) => void held.set(key, value),
		removeItem: (key) => void held.delete(key),
		clear: () => held.clear()
	};
	Object.defineProperty(window, 'localStorage', { configurable: true, value: storage });
}

try {
	window.localStorage.getItem('');
} catch {
	standIn();
}

/** What this browser lets be kept in text beyond a window; nothing where it forbids that: asking alone throws then. */
export function textStorage(): Storage | undefined {
	try {
		return localStorage;
	} catch {
		return undefined;
	}
}

/**
 * A word that belongs to this window and outlives a reload. Where the browser forbids it storage of its own, the name
 * of the window holds it.
 */
export const windowWord = {
	get(key: string): string | undefined {
		try {
			return sessionStorage.getItem(key) ?? undefined;
		} catch {
			const [own, word] = window.name.split('=');
			return own === key ? word : undefined;
		}
	},
	set(key: string, word: string): void {
		try {
			sessionStorage.setItem(key, word);
		} catch {
			window.name = `${key}=${word}`;
		}
	}
};

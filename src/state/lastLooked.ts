/** Where this device keeps when a window of it was last looked at. */
const KEY = 'zelvant-looked';

/** When a window of this device was last in sight, ms; nothing where that is not known. */
export function lastLooked(): number | undefined {
	try {
		const kept = Number(localStorage.getItem(KEY) ?? NaN);
		return Number.isFinite(kept) ? kept : undefined;
	} catch {
		// A browser that forbids it keeps nothing.
		return undefined;
	}
}

/** A window is in sight at this moment. */
export function noteLooked(now: Date): void {
	try {
		localStorage.setItem(KEY, String(now.getTime()));
	} catch {
		// Then it is not known when it comes back.
	}
}

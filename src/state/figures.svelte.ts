/** Where a window keeps it: a matter of taste of the person, not a record. */
const KEY = 'zelvant-figures';

const kept = (): boolean => {
	try {
		return localStorage.getItem(KEY) === 'shown';
	} catch {
		// On the server, and where a browser forbids it, none are shown.
		return false;
	}
};

/** Whether colours are also told in figures, hex and ΔE: for whoever wants them, not at the chair. */
class Figures {
	#shown = $state(kept());

	get shown(): boolean {
		return this.#shown;
	}
	set shown(shown: boolean) {
		this.#shown = shown;
		try {
			localStorage.setItem(KEY, shown ? 'shown' : 'hidden');
		} catch {
			// Then it holds for this window only.
		}
	}
}

export const figures = new Figures();

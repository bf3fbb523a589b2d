/** How loud calls are in this window. */
export const LOUDNESS = { off: 0, quiet: 0.15, loud: 0.7 } as const;
export type Loudness = keyof typeof LOUDNESS;

interface Settings {
	readonly loudness: Loudness;
	readonly speaks: boolean;
	readonly notifies: boolean;
}

/** Where this device keeps them: a matter of the room, not a record. */
const KEY = 'zelvant-calls';
const USUAL: Settings = { loudness: 'quiet', speaks: false, notifies: false };

function kept(): Settings {
	try {
		const read = JSON.parse(localStorage.getItem(KEY) ?? '{}') as Partial<Settings>;
		return {
			loudness: read.loudness !== undefined && read.loudness in LOUDNESS ? read.loudness : 'quiet',
			speaks: read.speaks === true,
			notifies: read.notifies === true
		};
	} catch {
		// On the server, and where a browser forbids it.
		return USUAL;
	}
}

/** How somebody is called in this window. */
class CallSettings {
	#now: Settings = $state.raw(kept());

	get loudness(): Loudness {
		return this.#now.loudness;
	}
	get speaks(): boolean {
		return this.#now.speaks;
	}
	get notifies(): boolean {
		return this.#now.notifies;
	}
	set(change: Partial<Settings>): void {
		this.#now = { ...this.#now, ...change };
		try {
			localStorage.setItem(KEY, JSON.stringify(this.#now));
		} catch {
			// Then it holds for this window only.
		}
	}
}

export const callSettings = new CallSettings();

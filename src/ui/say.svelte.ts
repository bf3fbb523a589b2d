/** How long what was done can be taken back from the message that tells of it, ms. */
const UNDO_MS = 20_000;

/** Whether anything was said yet: what shows messages is fetched with the first of them. */
export const speaking = $state({ begun: false });

/**
 * Says something in passing.
 * @param undo takes back what it tells of; left out, there is nothing to take back
 */
export function say(words: string, undo?: () => unknown): void {
	speaking.begun = true;
	void import('svelte-sonner').then(({ toast }) =>
		toast(
			words,
			undo && { duration: UNDO_MS, action: { label: 'Undo', onClick: () => void undo() } }
		)
	);
}

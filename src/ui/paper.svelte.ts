import { tick } from 'svelte';

/** Whether the page is about to be put on paper, or is: what only stands there is drawn while it is. */
export const paper = $state({ near: false });

const preparations = new Set<() => Promise<unknown>>();

/**
 * Has something fetched before a page is printed.
 * @returns leaves it out again
 */
export function preparesPaper(prepare: () => Promise<unknown>): () => void {
	preparations.add(prepare);
	return () => preparations.delete(prepare);
}

/**
 * Prints the page, once all that stands on paper is there. A browser pauses the page before it says that it prints:
 * by then nothing new can be drawn any more.
 */
export async function printPage(): Promise<void> {
	await Promise.all([...preparations].map((prepare) => prepare()));
	paper.near = true;
	await tick();
	window.addEventListener('afterprint', () => (paper.near = false), { once: true });
	window.print();
}

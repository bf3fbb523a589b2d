import type { VisitState } from './visitState.svelte';

/** Whether an answer that the day's bowls and its end rest on is still on its way. */
export function isSearching({ bowls, lowlights, head, placed }: VisitState): boolean {
	const toners = [head.toner, ...placed.map(({ toner }) => toner)];
	const open = toners.filter(({ mix }) => mix.choice === 'open');
	const searches = [bowls.search, ...open.map(({ search }) => search)];
	return lowlights.searching || searches.some(({ searching }) => searching);
}

/**
 * Waits until everything is found that the day's bowls rest on.
 * @param atMostMs after which it is waited for no longer
 */
export const allFound = (session: VisitState, atMostMs: number): Promise<void> =>
	new Promise((resolve) => {
		const end = () => {
			clearTimeout(timer);
			unwatch();
			resolve();
		};
		const timer = setTimeout(end, atMostMs);
		const unwatch = $effect.root(() => {
			$effect(() => {
				if (!isSearching(session)) queueMicrotask(end);
			});
		});
	});

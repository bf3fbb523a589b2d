import type { Range, Readiness } from '../core/lift';

/** Minutes within which hair is ready: “38–46 min”, “from 38 min”, or why there are none. */
export function readyWords(ready: Readiness): string {
	if (ready === 'late') return 'not in time';
	if (ready === 'apart') return 'not at once';
	const begins = Math.ceil(ready.from);
	return ready.to === undefined ? `from ${begins} min` : `${begins}–${Math.floor(ready.to)} min`;
}

/** How early and how late it may be in, in minutes: “may begin at 30 to 52”, or not in time at all. */
export function mayBeginWords({ low, high }: Pick<Range, 'low' | 'high'>): string {
	const from = Math.round(low);
	return Number.isFinite(high)
		? `may begin at ${from} to ${Math.round(high)}`
		: `may begin at ${from}, or not in time`;
}

import type { Readiness } from '../core/lift';

/** Minutes within which hair is ready: “38–46 min”, “from 38 min”, or why there are none. */
export function readyWords(ready: Readiness): string {
	if (ready === 'late') return 'not in time';
	if (ready === 'apart') return 'not at once';
	const begins = Math.ceil(ready.from);
	return ready.to === undefined ? `from ${begins} min` : `${begins}–${Math.floor(ready.to)} min`;
}

import type { ZoneReady } from '../core/lift';

/** Minutes within which zones are ready: “38–46 min”, “from 38 min”, or why there are none. */
export function readyWords(zones: readonly ZoneReady[], lastMinute: number): string {
	const from = zones.map((zone) => zone.from);
	if (zones.length === 0 || from.some((minute) => minute === undefined)) return 'not in time';
	const begins = Math.ceil(Math.max(...from.map((minute) => minute!)));
	const ends = Math.min(lastMinute, ...zones.map(({ to }) => to ?? Infinity));
	if (begins > ends) return 'not at once';
	return ends >= lastMinute ? `from ${begins} min` : `${begins}–${Math.floor(ends)} min`;
}

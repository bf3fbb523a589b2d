import type { ZoneReady } from './ready';

/**
 * When hair is ready: the minutes within which all of it is inside its aim; `late` where some of it does not
 * get there in time, `apart` where the first is past it before the last is in.
 */
export type Readiness =
	| { readonly from: number; readonly to: number | undefined }
	| 'late'
	| 'apart';

/**
 * @param zones every piece of hair that is asked for
 * @param lastMinute where its clock ends
 */
export function readiness(zones: readonly ZoneReady[], lastMinute: number): Readiness {
	if (zones.length === 0 || zones.some(({ from }) => from === undefined)) return 'late';
	const from = Math.max(...zones.map((zone) => zone.from!));
	const to = Math.min(...zones.map((zone) => zone.to ?? Infinity));
	if (Math.ceil(from) > Math.min(to, lastMinute)) return 'apart';
	return { from, to: to >= lastMinute ? undefined : to };
}

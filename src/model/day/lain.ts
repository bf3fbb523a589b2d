import type { Visit } from '../../schema/records';

/**
 * Minutes that a head had lain when it was rinsed, where nobody reckoned it section by section. What went on last lay
 * less than the timer says; packets that were rinsed one after the other lay the time that was planned. Where nobody
 * said when all was on, it counts as on after the minutes that usual hands take.
 * @param minute on the timer at which it came off
 * @param planned minutes that it was to lie
 * @param reckoned minutes that usual hands take to put it on; asked only where nobody said when all was on
 */
export function reckonedLain(
	{ allOn }: Pick<Visit['run'], 'allOn'>,
	minute: number,
	planned: number,
	reckoned: () => number
): number {
	const on = allOn?.minute ?? Math.min(reckoned(), Math.max(0, minute - planned));
	return Math.min(minute - on / 2, Math.max(planned, minute - on));
}

/**
 * Minutes that a head had lain when its timer stood at a minute: what went on last began so much later, once it is known
 * how long it lay.
 * @param minute on the timer
 */
export function lainAt(
	run: Pick<Visit['run'], 'lain' | 'rinsedAtMinute' | 'taps'>,
	minute: number
): number {
	const off = offMinuteOf(run);
	if (!run.lain || off === undefined) return minute;
	const begun = Math.max(0, off - run.lain.minutes);
	return Math.max(0, Math.min(minute, off) - begun);
}

/** Minute on the timer at which the last of the lightener came off. */
function offMinuteOf({ rinsedAtMinute, taps = [] }: Pick<Visit['run'], 'rinsedAtMinute' | 'taps'>) {
	const offs = taps.flatMap(({ act, minute }) => (act === 'off' ? [minute] : []));
	return rinsedAtMinute ?? (offs.length > 0 ? Math.max(...offs) : undefined);
}

import type { CallKind } from './calls';
import type { ACT_KINDS } from '../vocabulary';
import { CHECK, SERVICE_MINUTES } from './constants';

/** What it is: a further application by its kind, or colour that deposits. */
export type ProcessName = Exclude<(typeof ACT_KINDS)[number], 'main'>;

/** Something that lies on the hair with one clock for all of it: a further application, lowlights, a toner. */
export interface Process {
	/** Minutes that it was planned to lie. */
	readonly minutes: number;
	/** The last minute that it may lie; left out, nothing forbids longer. */
	readonly limitMinutes?: number | undefined;
	/** Whether it lightens: then it is looked at from half time on. */
	readonly lifts: boolean;
}

/** What it asks for next. */
export interface ProcessCall {
	/** `look`: wipe a strand and look; `ready`: its time is over; `limit`: it may lie no longer. */
	readonly kind: CallKind;
	/** Minutes on its own clock. */
	readonly minute: number;
	/** Nobody came for some minutes: it asks again. */
	readonly again: boolean;
}

/**
 * What something that lies on the hair asks for next: to be looked at from half its time on, to come off when
 * its time is over, and at once when it may lie no longer.
 * @param minute that it has lain
 * @param lookedMinute when somebody last looked
 */
export function processCall(
	{ minutes, limitMinutes = Infinity, lifts }: Process,
	minute: number,
	lookedMinute?: number
): ProcessCall {
	const call = (kind: CallKind, at: number): ProcessCall => ({
		kind,
		minute: at,
		again: minute - at >= CHECK.againMinutes
	});
	if (minute >= limitMinutes) return call('limit', limitMinutes);
	const ends = Math.min(minutes, limitMinutes);
	const { checkEvery } = SERVICE_MINUTES;
	const look = lookedMinute === undefined ? minutes / 2 : lookedMinute + checkEvery;
	if (lifts && look < ends - CHECK.near) return call('look', look);
	// Who looked when its time was over, and left it, looks again before long.
	const leftOn = lookedMinute !== undefined && lookedMinute >= ends - CHECK.near;
	return call('ready', Math.min(limitMinutes, leftOn ? lookedMinute + checkEvery : ends));
}

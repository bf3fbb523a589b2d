import type { RINSE_MODES } from '../vocabulary';
import { BACK_FIRST_FROM, SERVICE_MINUTES } from './constants';

/** How the head is rinsed. */
export type RinseMode = (typeof RINSE_MODES)[number];

/** How a head is rinsed unless somebody says otherwise: back first where the work is long. */
export const usualRinse = (workMinutes: number): RinseMode =>
	workMinutes > BACK_FIRST_FROM ? 'backFirst' : 'together';

/**
 * Minute of one rinse for all, from the first brush stroke: the planned minutes counted from the middle
 * of the work, so that what is on first and what is on last share the difference; never before the last
 * section has lain at all, and otherwise never past the product's limit.
 * @param workMinutes how long it takes to put it on
 * @param processMinutes minutes planned on the hair
 */
export const rinseMinute = (
	workMinutes: number,
	processMinutes: number,
	limitMinutes: number
): number =>
	Math.round(
		Math.max(
			workMinutes + SERVICE_MINUTES.leastLast,
			Math.min(workMinutes / 2 + processMinutes, limitMinutes)
		)
	);

/**
 * Rinse minute of each section where what went on first is rinsed first: the head in two halves of about
 * the same work, the second while the first is done.
 * @param minutesToApply of each section, in the order of the work
 */
export function backFirstMinutes(
	minutesToApply: readonly number[],
	processMinutes: number,
	limitMinutes: number
): number[] {
	const work = minutesToApply.reduce((sum, minutes) => sum + minutes, 0);
	let done = 0;
	const first = minutesToApply.map((minutes) => {
		const middle = done + minutes / 2;
		done += minutes;
		return middle < work / 2;
	});
	const firstWork = minutesToApply.reduce((sum, m, i) => sum + (first[i] ? m : 0), 0);
	const { leastLast, rinse } = SERVICE_MINUTES;
	const one = Math.max(work, Math.min(firstWork / 2 + processMinutes, limitMinutes));
	const middle = (firstWork + work) / 2;
	const other = Math.max(
		work + leastLast,
		one + rinse,
		Math.min(middle + processMinutes, firstWork + limitMinutes)
	);
	return first.map((early) => Math.round(early ? one : other));
}

/**
 * Minute of the last rinse, as far as it can be told before the bowls are staged.
 * @param mode left out: as is usual for work of this length
 * @param minutesToApply of each section, in the order of the work
 */
export function lastRinse(
	minutesToApply: readonly number[],
	processMinutes: number,
	limitMinutes: number,
	mode?: RinseMode
): number {
	const work = minutesToApply.reduce((sum, minutes) => sum + minutes, 0);
	switch (mode ?? usualRinse(work)) {
		case 'together':
			return rinseMinute(work, processMinutes, limitMinutes);
		case 'backFirst':
			return Math.max(...backFirstMinutes(minutesToApply, processMinutes, limitMinutes));
		case 'eachReady':
			return Math.round(work + Math.min(processMinutes, limitMinutes));
	}
}

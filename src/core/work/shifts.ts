import type { RunningSection } from './runningSection';

/** Shifts of less than this are not worth saying, minutes. */
const SAME_MINUTES = 1;

/** What comes off at another minute than before. */
export interface Shift {
	readonly of: readonly RunningSection[];
	/** From the first brush stroke. */
	readonly minute: number;
	/** Minutes later than before; negative: sooner. */
	readonly later: number;
}

/**
 * What comes off otherwise, were the plan bent: neighbours of one rinse together, in the order of the work.
 * @param now and then the same sections in the same order
 */
export function shiftsOf(now: readonly RunningSection[], then: readonly RunningSection[]): Shift[] {
	const shifts: { of: RunningSection[]; minute: number; later: number }[] = [];
	then.forEach((one, i) => {
		const later = one.offMinute - now[i]!.offMinute;
		if (one.state === 'off' || Math.abs(later) < SAME_MINUTES) return;
		const last = shifts.at(-1);
		const same =
			last &&
			last.of[0]!.rinse === one.rinse &&
			Math.abs(last.minute - one.offMinute) < SAME_MINUTES &&
			Math.abs(last.later - later) < SAME_MINUTES;
		if (same) last.of.push(one);
		else shifts.push({ of: [one], minute: one.offMinute, later });
	});
	return shifts;
}

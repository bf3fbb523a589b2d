import { HAND_PACE } from './constants';
import { meanFactor } from './factor';

/** How long somebody took to put a head on, and how long was reckoned for usual hands, minutes > 0. */
interface AppliedSeen {
	readonly tookMinutes: number;
	readonly reckonedMinutes: number;
}

/**
 * How long these hands take beside usual ones.
 * @param preset what they are said to be, before anything was seen: the factor that is drawn to
 * @returns factor on minutes: the preset times 0.5-2
 */
export const handPaceOf = (seen: readonly AppliedSeen[], preset = 1): number =>
	preset *
	meanFactor(
		seen.map(({ tookMinutes, reckonedMinutes }) => tookMinutes / (reckonedMinutes * preset)),
		HAND_PACE
	);

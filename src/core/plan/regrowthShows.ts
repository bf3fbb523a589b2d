import { REGROWTH_SHOWS } from './constants';

/** Nobody looks further, weeks. */
const LONGEST = 60;
const WEEKS_PER_MONTH = 365.25 / 12 / 7;

/**
 * The week from which regrowth is plain to see: when the step in level between it and the hair beside it, times the
 * centimetres that have grown, is large enough. The less they differ, the longer it takes.
 * @param stepAfter levels between the hair beside it and the hair that grows, by weeks
 * @param cmPerMonth how fast it grows
 * @returns nothing where it does not show within sixty weeks
 */
export function regrowthShows(
	stepAfter: (weeks: number) => number,
	cmPerMonth: number
): number | undefined {
	for (let week = 1; week <= LONGEST; week++) {
		const grown = (cmPerMonth * week) / WEEKS_PER_MONTH;
		if (Math.abs(stepAfter(week)) * grown >= REGROWTH_SHOWS.levelCm) return week;
	}
	return undefined;
}

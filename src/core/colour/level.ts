import { LEVEL_LADDER } from './constants';

/**
 * Level (depth) of a lightness, linear between the rungs of the ladder and extrapolated beyond them.
 * @param lightness CIE L*
 * @param ladder L* of levels 1, 2, 3 …, rising; a salon's own readings may replace the default
 */
export function levelOf(lightness: number, ladder: readonly number[] = LEVEL_LADDER): number {
	let i = 1;
	while (i < ladder.length - 1 && lightness > ladder[i]!) i++;
	const low = ladder[i - 1]!;
	return i + (lightness - low) / (ladder[i]! - low);
}

/** Lightness L* of a level: the inverse of {@link levelOf}. */
export function lightnessOfLevel(level: number, ladder: readonly number[] = LEVEL_LADDER): number {
	const i = Math.min(Math.max(Math.floor(level), 1), ladder.length - 1);
	const low = ladder[i - 1]!;
	return low + (level - i) * (ladder[i]! - low);
}

import { naturalPigment } from '../../hair';
import { doseToLevel, minutesForDose } from '../../lift';
import type { HiddenHead, Stretch } from './hidden';

/** Ready mixture for one stretch of one part, g, on hair of middle thickness. */
const GRAMS: Readonly<Record<Stretch, number>> = { root: 14, lengths: 26, ends: 12 };
const BY_TEXTURE = { fine: 0.85, medium: 1, coarse: 1.2 } as const;

/** Ready mixture that some stretches of one part take, whole g. */
export const mixtureNeeded = (
	{ texture }: Pick<HiddenHead, 'texture'>,
	on: readonly Stretch[]
): number => Math.round(on.reduce((sum, stretch) => sum + GRAMS[stretch], 0) * BY_TEXTURE[texture]);

/**
 * Minutes in foil after which lengths of a typical head that is like this one reach the wish: what can be known
 * before anything is tried.
 * @param readLevel level that was read of it
 * @returns nothing where such a mixture ends below
 */
export function plannedMinutes(
	head: Pick<HiddenHead, 'texture' | 'warmth' | 'wish'>,
	readLevel: number,
	volume: number
): number | undefined {
	const start = { ...naturalPigment(readLevel, head.warmth), layers: [] };
	return minutesForDose(
		{ product: 'powder', ratio: 2, volume, minutes: 0, placement: 'foil' },
		{ naturalLevel: readLevel, texture: head.texture },
		doseToLevel(start, head.wish.level)
	);
}

import type { HiddenHead, Stretch } from './hidden';

/** Ready mixture for one stretch of one part, g, on hair of middle thickness. */
const GRAMS: Readonly<Record<Stretch, number>> = { root: 14, lengths: 26, ends: 12 };
const BY_TEXTURE = { fine: 0.85, medium: 1, coarse: 1.2 } as const;

/** Ready mixture that some stretches of one part take, whole g. */
export const mixtureNeeded = (
	{ texture }: Pick<HiddenHead, 'texture'>,
	on: readonly Stretch[]
): number => Math.round(on.reduce((sum, stretch) => sum + GRAMS[stretch], 0) * BY_TEXTURE[texture]);

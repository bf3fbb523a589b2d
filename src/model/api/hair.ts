import type * as z from 'zod/mini';
import type { HeadFactors } from '../../core/lift';
import type { predictHair } from '../../schema/api';

/** The factors of a head as a request gives them. */
export const factorsOf = (hair: z.output<typeof predictHair>, personal?: number): HeadFactors => ({
	naturalLevel: hair.naturalLevel,
	texture: hair.texture,
	warmth: hair.warmth,
	personal
});

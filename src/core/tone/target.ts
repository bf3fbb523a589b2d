import { chromaOf, lightnessOfLevel, type Lab } from '../colour';
import { labOfPigment, naturalPigment } from '../hair';
import { DIRECTIONS } from './constants';

/** Where the tone should lean. */
export type Direction = keyof typeof DIRECTIONS;

/** What the finished hair should look like. */
export interface ToneTarget {
	readonly level: number;
	readonly direction: Direction;
	/** Share of the exposed warmth that may stay, 0-1; a third is the usual. */
	readonly keepWarmth: number;
}

/** The customary share of warmth that keeps a result looking like hair. */
export const USUAL_WARMTH = 1 / 3;

/**
 * The target as a colour at its level's L*. Warmth kept: 0 is natural neutral hair of that level with
 * a*·0.4 and b*·0.8, a third is that natural hair, 1 the untoned lift; linear between. Then the
 * direction's shift, scaled by natural chroma over 20; silver goes straight to (0, 2).
 * @param untoned the hair before toning: its a* and b* are what "all warmth kept" means
 */
export function targetLab({ level, direction, keepWarmth }: ToneTarget, untoned: Lab): Lab {
	const l = lightnessOfLevel(level);
	if (direction === 'silver') return { l, a: DIRECTIONS.silver[0], b: DIRECTIONS.silver[1] };
	const natural = labOfPigment(naturalPigment(Math.min(level, 12), 'neutral'));
	const bare = { a: natural.a * 0.4, b: natural.b * 0.8 };
	const [from, to, t] =
		keepWarmth <= USUAL_WARMTH
			? ([bare, natural, keepWarmth / USUAL_WARMTH] as const)
			: ([natural, untoned, (keepWarmth - USUAL_WARMTH) / (1 - USUAL_WARMTH)] as const);
	const scale = chromaOf(natural) / 20;
	const [da, db] = DIRECTIONS[direction];
	return {
		l,
		a: from.a + (to.a - from.a) * t + da * scale,
		b: from.b + (to.b - from.b) * t + db * scale
	};
}

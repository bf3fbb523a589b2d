import { chromaOf, depthOfLevel, lightnessOfDepth, type Lab } from '../colour';
import { labOfPigment, naturalPigment, rawLightness } from '../hair';
import { FULL_SHIFT_FROM, LEANING, STANDING, TONING_COSTS, WARMTH_KEPT } from './constants';

/** Where the tone should lean. */
export type Direction = keyof typeof LEANING | keyof typeof STANDING;

/** What the finished hair should look like. */
export interface ToneTarget {
	readonly level: number;
	readonly direction: Direction;
	/** Share of the exposed warmth that may stay, 0-1; {@link warmthKept} is the usual. */
	readonly keepWarmth: number;
}

/** The customary share of warmth that keeps a result looking like hair. */
export const USUAL_WARMTH = WARMTH_KEPT.usual;

const stands = (direction: Direction): direction is keyof typeof STANDING => direction in STANDING;

/** Directions in which warmth would hide the tone. */
const hidesWarmth = (direction: Direction): boolean => stands(direction) || direction === 'pearl';

/** The share of warmth a direction keeps unless somebody says otherwise, 0-1. */
export const warmthKept = (direction: Direction): number =>
	hidesWarmth(direction) ? WARMTH_KEPT.cold : WARMTH_KEPT.usual;

/**
 * An aim in another direction: the warmth that was set stays, unless the one direction hides it and the
 * other does not.
 */
export const turnedTo = <T extends Pick<ToneTarget, 'direction' | 'keepWarmth'>>(
	target: T,
	direction: Direction
): T => ({
	...target,
	direction,
	keepWarmth:
		hidesWarmth(direction) === hidesWarmth(target.direction)
			? target.keepWarmth
			: warmthKept(direction)
});

/** Directions that add warmth to what the lift exposes, where others take some away. */
export const enhances = (direction: Direction): boolean =>
	direction === 'gold' || direction === 'copper' || direction === 'rose';

const between = (from: Chromatic, to: Chromatic, t: number): Chromatic => ({
	a: from.a + (to.a - from.a) * t,
	b: from.b + (to.b - from.b) * t
});
type Chromatic = Pick<Lab, 'a' | 'b'>;

/** a* and b* of a target: where warmth kept puts it between natural hair and the raw lift, then its lean. */
function chromaticOf({ level, direction, keepWarmth }: ToneTarget, untoned: Chromatic): Chromatic {
	if (stands(direction)) {
		const [a, b] = STANDING[direction];
		return between({ a, b }, untoned, keepWarmth);
	}
	const natural = labOfPigment(naturalPigment(Math.min(level, 12), 'neutral'));
	const bare = { a: natural.a * 0.4, b: natural.b * 0.8 };
	const base =
		keepWarmth <= USUAL_WARMTH
			? between(bare, natural, keepWarmth / USUAL_WARMTH)
			: between(natural, untoned, (keepWarmth - USUAL_WARMTH) / (1 - USUAL_WARMTH));
	const chroma = chromaOf(natural) / 20;
	const scale = level >= FULL_SHIFT_FROM ? Math.max(1, chroma) : chroma;
	const [da, db] = LEANING[direction];
	return { a: base.a + da * scale, b: base.b + db * scale };
}

/**
 * The target as a colour whose depth is its level's, so that it is the lighter the more warmth is kept,
 * but never as light as raw hair of its level. Warmth kept: 0 is natural neutral hair of that level with
 * a*·0.4 and b*·0.8, a third is that natural hair, 1 the untoned lift; linear between, then the
 * direction's lean. Violet, silver and rose stand in places of their own.
 * @param untoned the hair before toning: its a* and b* are what "all warmth kept" means
 */
export function targetLab(target: ToneTarget, untoned: Lab): Lab {
	const { a, b } = chromaticOf(target, untoned);
	const l = lightnessOfDepth(depthOfLevel(target.level), a, b);
	return { l: Math.min(l, rawLightness(target.level) - TONING_COSTS), a, b };
}

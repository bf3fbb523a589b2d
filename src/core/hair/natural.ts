import { root } from '../numeric';
import { depthOf, depthOfLevel, labOfTristimulus, perLadder, tristimulusOf } from '../colour';
import { WARMTH } from './constants';

export type Warmth = keyof typeof WARMTH;

/** Pigment of a point of hair: brown-black `eumelanin` (E) and warm `pheomelanin` (P), ≥ 0. */
export interface Pigment {
	readonly eumelanin: number;
	readonly pheomelanin: number;
}

/** Depth of undyed hair with this much pigment, in units of L*. */
const depthOfPigment = (eumelanin: number, pheomelanin: number): number =>
	depthOf(labOfTristimulus(tristimulusOf(eumelanin, pheomelanin)));

/** More than any hair holds. */
const MOST_PIGMENT = 64;

const solvedLevels = perLadder(() => new Map<string, number>());

/**
 * Eumelanin of hair of a level whose pheomelanin is `warmthShare` times as much.
 * The root of the depth, which falls strictly with pigment; exact to 1e-9 of the amount.
 * @param level 1-12; hair lighter than bare keratin (about 12.3) gives 0
 * @param warmthShare `w = P/E`, ≥ 0
 */
export function eumelaninOfLevel(level: number, warmthShare: number): number {
	const solved = solvedLevels();
	const key = `${level}|${warmthShare}`;
	const known = solved.get(key);
	if (known !== undefined) return known;
	const target = depthOfLevel(level);
	const over = (amount: number) => depthOfPigment(amount, warmthShare * amount) - target;
	const eumelanin = over(0) <= 0 ? 0 : root(over, 0, MOST_PIGMENT, 1e-11);
	// Every dial and draw asks for a few levels over and over; a runaway caller must not fill memory.
	if (solved.size > 4096) solved.clear();
	solved.set(key, eumelanin);
	return eumelanin;
}

/** Pigment of natural hair of a level and warmth. */
export function naturalPigment(level: number, warmth: Warmth): Pigment {
	const eumelanin = eumelaninOfLevel(level, WARMTH[warmth]);
	return { eumelanin, pheomelanin: WARMTH[warmth] * eumelanin };
}

/** `e(n)`: eumelanin of pure-brown hair (no warm pigment) of level `n`; the measure of a tube's depth. */
export const pureBrown = (level: number): number => eumelaninOfLevel(level, 0);

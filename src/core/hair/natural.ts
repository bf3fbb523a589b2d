import { lightnessOfLevel, lightnessOfLuminance, luminanceOf } from '../colour';
import { WARMTH } from './constants';

export type Warmth = keyof typeof WARMTH;

/** Pigment of a point of hair: brown-black `eumelanin` (E) and warm `pheomelanin` (P), ≥ 0. */
export interface Pigment {
	readonly eumelanin: number;
	readonly pheomelanin: number;
}

/** L* of undyed hair with this much pigment. */
export const lightnessOfPigment = (eumelanin: number, pheomelanin: number): number =>
	lightnessOfLuminance(luminanceOf(eumelanin, pheomelanin));

const solved = new Map<string, number>();

/**
 * Eumelanin of hair of a level whose pheomelanin is `warmthShare` times as much.
 * Bisection on L*, which falls strictly with pigment; exact to 1e-9 of the amount.
 * @param level 1-12; hair lighter than bare keratin (about 12.3) gives 0
 * @param warmthShare `w = P/E`, ≥ 0
 */
export function eumelaninOfLevel(level: number, warmthShare: number): number {
	const key = `${level}|${warmthShare}`;
	const known = solved.get(key);
	if (known !== undefined) return known;
	const target = lightnessOfLevel(level);
	let low = 0;
	let high = 64;
	if (lightnessOfPigment(0, 0) <= target) high = 0;
	for (let i = 0; i < 60 && high - low > 1e-10 * high; i++) {
		const middle = (low + high) / 2;
		if (lightnessOfPigment(middle, warmthShare * middle) > target) low = middle;
		else high = middle;
	}
	// Every dial and draw asks for a few levels over and over; a runaway caller must not fill memory.
	if (solved.size > 4096) solved.clear();
	const eumelanin = (low + high) / 2;
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

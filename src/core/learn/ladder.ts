import { depthOfLevel, LEVEL_LADDER, levelOfDepth } from '../colour';
import { RING } from './constants';

/** A swatch of a salon's own ring, read. */
export interface LevelSwatch {
	/** What the ring calls it, 1-12. */
	readonly level: number;
	/** Its depth in units of L*, 0-100, under D65: lightness without warmth. */
	readonly depth: number;
}

export type LadderAnswer =
	| { readonly ok: true; readonly ladder: readonly number[] }
	/** Fewer levels than are needed were read. */
	| { readonly ok: false; readonly problem: 'tooFew'; readonly read: number }
	/** A level lies so far from where it usually lies that it was misread, or is another level. */
	| { readonly ok: false; readonly problem: 'farOff'; readonly level: number }
	/** A level came out hardly lighter than the one below it. */
	| { readonly ok: false; readonly problem: 'notRising'; readonly level: number };

/** What a level of a ladder is on the usual one. */
export const usualLevel = (level: number, ladder: readonly number[]): number =>
	levelOfDepth(depthOfLevel(level, ladder), LEVEL_LADDER);

/**
 * A salon's own ladder: depths of levels 1-12 as its swatch ring shows them. Several readings of one level
 * are averaged; between levels that were read the difference from the usual ladder is taken linearly,
 * beyond them it stays.
 * @returns the ladder, or why the swatches make none
 */
export function ladderFromSwatches(swatches: readonly LevelSwatch[]): LadderAnswer {
	const byLevel = new Map<number, number[]>();
	for (const { level, depth } of swatches) {
		byLevel.set(level, [...(byLevel.get(level) ?? []), depth]);
	}
	const read = [...byLevel]
		.map(([level, all]) => ({
			level,
			offset:
				all.reduce((sum, depth) => sum + depth, 0) / all.length - depthOfLevel(level, LEVEL_LADDER)
		}))
		.sort((p, q) => p.level - q.level);
	if (read.length < RING.leastLevels) return { ok: false, problem: 'tooFew', read: read.length };
	const far = read.find(({ level, offset }) => {
		const depth = depthOfLevel(level, LEVEL_LADDER) + offset;
		return Math.abs(levelOfDepth(depth, LEVEL_LADDER) - level) > RING.mostLevelsOff;
	});
	if (far) return { ok: false, problem: 'farOff', level: far.level };
	const offsetAt = (level: number): number => {
		const above = read.find((swatch) => swatch.level >= level);
		const below = read.findLast((swatch) => swatch.level <= level);
		if (!above) return read.at(-1)!.offset;
		if (!below) return read[0]!.offset;
		if (above.level === below.level) return above.offset;
		const share = (level - below.level) / (above.level - below.level);
		return below.offset + share * (above.offset - below.offset);
	};
	const shifted = LEVEL_LADDER.map((depth, i) => depth + offsetAt(i + 1));
	// Beyond what was read the shift may ask for hair darker than any: those rungs are drawn together.
	const lowest = read[0]!.level;
	const darkest = shifted.map((depth, i) =>
		i + 1 < lowest ? Math.max(depth, RING.darkest + i) : depth
	);
	const falls = darkest.findIndex((depth, i) => i > 0 && depth < darkest[i - 1]! + RING.leastStep);
	if (falls >= 0) return { ok: false, problem: 'notRising', level: falls + 1 };
	return { ok: true, ladder: darkest };
}

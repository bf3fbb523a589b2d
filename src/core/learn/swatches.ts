import { deltaE, depthOfLevel, LEVEL_LADDER, levelOfDepth, type Lab } from '../colour';
import { goldenSection } from '../numeric';
import { previewTone, type DepositConditions, type RawHair, type Shade } from '../tone';
import { SWATCHES } from './constants';

/** A swatch of a salon's own ring, measured. */
export interface LevelSwatch {
	/** What the ring calls it, 1-12. */
	readonly level: number;
	/** Its depth in units of L*, 0-100, under D65: lightness without warmth. */
	readonly depth: number;
}

export type LadderAnswer =
	| { readonly ok: true; readonly ladder: readonly number[] }
	/** Fewer levels than are needed were measured. */
	| { readonly ok: false; readonly problem: 'tooFew'; readonly measured: number }
	/** A level came out no lighter than the one below it. */
	| { readonly ok: false; readonly problem: 'notRising'; readonly level: number };

/**
 * A salon's own ladder: depths of levels 1-12 as its swatch ring shows them. Several readings of one level
 * are averaged; between measured levels the difference from the usual ladder is taken linearly, beyond
 * them it stays.
 * @returns the ladder, or why the swatches make none
 */
export function ladderFromSwatches(swatches: readonly LevelSwatch[]): LadderAnswer {
	const byLevel = new Map<number, number[]>();
	for (const { level, depth } of swatches) {
		byLevel.set(level, [...(byLevel.get(level) ?? []), depth]);
	}
	const measured = [...byLevel]
		.map(([level, all]) => ({
			level,
			offset: all.reduce((sum, depth) => sum + depth, 0) / all.length - depthOfLevel(level)
		}))
		.sort((p, q) => p.level - q.level);
	if (measured.length < SWATCHES.leastLevels) {
		return {
			ok: false,
			problem: 'tooFew',
			measured: measured.length
		};
	}
	const offsetAt = (level: number): number => {
		const above = measured.find((swatch) => swatch.level >= level);
		const below = measured.findLast((swatch) => swatch.level <= level);
		if (!above) return measured.at(-1)!.offset;
		if (!below) return measured[0]!.offset;
		if (above.level === below.level) return above.offset;
		const share = (level - below.level) / (above.level - below.level);
		return below.offset + share * (above.offset - below.offset);
	};
	const ladder = LEVEL_LADDER.map((depth, i) => depth + offsetAt(i + 1));
	const falls = ladder.findIndex((depth, i) => i > 0 && depth <= ladder[i - 1]!);
	if (falls >= 0) {
		return {
			ok: false,
			problem: 'notRising',
			level: falls + 1
		};
	}
	return { ok: true, ladder };
}

/**
 * What a salon with its own ladder calls a level of the model.
 */
export const salonLevel = (modelLevel: number, ladder: readonly number[]): number =>
	levelOfDepth(depthOfLevel(modelLevel), ladder);

/**
 * The level of the model that a salon's own level stands for.
 */
export const modelLevel = (level: number, ladder: readonly number[]): number =>
	levelOfDepth(depthOfLevel(level, ladder));

/**
 * How strong a shade really is: the intensity (1 standard) with which the model comes nearest to a
 * swatch that was toned and measured. Golden section on its logarithm.
 * @param measured the swatch after toning
 * @returns intensity within 0.1-4, and the ΔE00 that is left
 */
export function intensityOfSwatch(
	shade: Shade,
	on: RawHair,
	conditions: DepositConditions,
	measured: Lab
): { readonly intensity: number; readonly deltaE: number } {
	const { least, most } = SWATCHES.intensity;
	const at = (log: number) => {
		const parts = [{ ...shade, intensity: Math.exp(log), grams: 1 }];
		return deltaE(previewTone(on, parts, conditions).lab, measured);
	};
	// A coarse scan first: on dark hair the distance is nearly flat and a plain section could slip away.
	const steps = 16;
	const grid = Array.from(
		{ length: steps + 1 },
		(_, i) => Math.log(least) + (i / steps) * Math.log(most / least)
	);
	const best = grid.reduce((p, q) => (at(q) < at(p) ? q : p));
	const width = Math.log(most / least) / steps;
	const log = goldenSection(
		at,
		Math.max(Math.log(least), best - width),
		Math.min(Math.log(most), best + width)
	);
	return { intensity: Math.exp(log), deltaE: at(log) };
}

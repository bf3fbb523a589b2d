import { deltaE, LEVEL_LADDER, levelOf, lightnessOfLevel, type Lab } from '../colour';
import { previewTone, type DepositConditions, type RawHair, type Shade } from '../tone';
import { SWATCHES } from './constants';

/** A swatch of a salon's own ring, measured. */
export interface LevelSwatch {
	/** What the ring calls it, 1-12. */
	readonly level: number;
	/** CIE L*, 0-100, under D65. */
	readonly l: number;
}

export type LadderAnswer =
	| { readonly ok: true; readonly ladder: readonly number[] }
	| { readonly ok: false; readonly problem: 'tooFew' | 'notRising'; readonly message: string };

/**
 * A salon's own ladder: L* of levels 1-12 as its swatch ring shows them. Several readings of one level
 * are averaged; between measured levels the difference from the usual ladder is taken linearly, beyond
 * them it stays.
 * @returns the ladder, or why the swatches make none
 */
export function ladderFromSwatches(swatches: readonly LevelSwatch[]): LadderAnswer {
	const byLevel = new Map<number, number[]>();
	for (const { level, l } of swatches) byLevel.set(level, [...(byLevel.get(level) ?? []), l]);
	const measured = [...byLevel]
		.map(([level, all]) => ({
			level,
			offset: all.reduce((sum, l) => sum + l, 0) / all.length - lightnessOfLevel(level)
		}))
		.sort((p, q) => p.level - q.level);
	if (measured.length < SWATCHES.leastLevels) {
		return {
			ok: false,
			problem: 'tooFew',
			message: `Measure at least ${SWATCHES.leastLevels} different levels; these are ${measured.length}.`
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
	const ladder = LEVEL_LADDER.map((l, i) => l + offsetAt(i + 1));
	const falls = ladder.findIndex((l, i) => i > 0 && l <= ladder[i - 1]!);
	if (falls >= 0) {
		return {
			ok: false,
			problem: 'notRising',
			message: `Level ${falls + 1} came out no lighter than level ${falls}: measure these two again.`
		};
	}
	return { ok: true, ladder };
}

/** What a salon with its own ladder calls a level of the model. */
export const salonLevel = (modelLevel: number, ladder: readonly number[]): number =>
	levelOf(lightnessOfLevel(modelLevel), ladder);

/** The level of the model that a salon's own level stands for. */
export const modelLevel = (level: number, ladder: readonly number[]): number =>
	levelOf(lightnessOfLevel(level, ladder));

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
	let low = Math.max(Math.log(least), best - width);
	let high = Math.min(Math.log(most), best + width);
	const phi = (Math.sqrt(5) - 1) / 2;
	for (let i = 0; i < 40; i++) {
		const one = high - phi * (high - low);
		const two = low + phi * (high - low);
		if (at(one) < at(two)) high = two;
		else low = one;
	}
	const log = (low + high) / 2;
	return { intensity: Math.exp(log), deltaE: at(log) };
}

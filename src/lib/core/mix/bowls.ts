import type { AreaName } from '../lift';
import { blendDeveloper, type Blend } from './blend';
import {
	AREA_SHARE,
	BOWL_LIFE_MINUTES,
	CONSISTENCY,
	DENSITY_GRAMS,
	FOIL_GRAMS,
	LAYERS_WORK,
	OPEN_GRAMS,
	RESERVE,
	SECTION_GRAMS,
	WORK_MINUTES
} from './constants';

export type Density = keyof typeof DENSITY_GRAMS;

/** How much hair the mixture goes on. */
export type Coverage = {
	readonly density: Density;
	readonly section: keyof typeof SECTION_GRAMS;
	/** Centimetres of each strand that are covered, > 0. */
	readonly coveredCm: number;
	readonly layers?: keyof typeof LAYERS_WORK | undefined;
	/** Areas clipped too short to work on. */
	readonly undercut?: readonly AreaName[] | undefined;
} & ({ readonly technique: 'foils'; readonly foils: number } | { readonly technique: 'open' });

/** Share of the head's hair that is worked on where some areas are clipped short, 0-1. */
const workedShare = (undercut: readonly AreaName[] = []): number =>
	1 - undercut.reduce((sum, area) => sum + AREA_SHARE[area], 0);

/** Grams of ready mixture that saturate the hair, without reserve. */
export function mixtureGrams(coverage: Coverage): number {
	const density = DENSITY_GRAMS[coverage.density];
	if (coverage.technique === 'open') {
		return (
			(OPEN_GRAMS.scalp + OPEN_GRAMS.perCm * coverage.coveredCm) *
			density *
			workedShare(coverage.undercut)
		);
	}
	return (
		coverage.foils *
		FOIL_GRAMS.at30cm *
		Math.pow(coverage.coveredCm / 30, FOIL_GRAMS.lengthPower) *
		density *
		SECTION_GRAMS[coverage.section]
	);
}

/** Minutes one pair of hands needs to put the mixture on. */
export function workMinutes(coverage: Coverage): number {
	const sections = LAYERS_WORK[coverage.layers ?? 'none'];
	return coverage.technique === 'foils'
		? coverage.foils * WORK_MINUTES.foil * sections
		: (WORK_MINUTES.openBase + WORK_MINUTES.openPerCm * coverage.coveredCm) *
				DENSITY_GRAMS[coverage.density] *
				sections *
				workedShare(coverage.undercut);
}

/** One bowl, in whole grams. */
export interface Bowl {
	readonly number: number;
	readonly lightenerGrams: number;
	readonly developerGrams: number;
	/** The developer out of stock, or nothing when the stock cannot make the strength. */
	readonly blend: Blend | undefined;
	/** Minutes after the first brush stroke at which this bowl is mixed. */
	readonly mixAtMinute: number;
	/** Foils this bowl serves; none for open work. */
	readonly foils?: { readonly from: number; readonly to: number };
}

export interface BowlPlan {
	readonly bowls: readonly Bowl[];
	readonly totalGrams: number;
	readonly reserveGrams: number;
	readonly workMinutes: number;
}

/**
 * Splits the mixture into bowls, each used up while it is fresh (20 min), with equal grams and a
 * reserve of a tenth on top.
 * @param ratio parts of developer per part of lightener, > 0
 * @param volume developer strength wanted, in volumes
 * @param stock developer strengths at hand
 */
export function planBowls(
	coverage: Coverage,
	ratio: number,
	volume: number,
	stock: readonly number[]
): BowlPlan {
	const minutes = workMinutes(coverage);
	const needed = mixtureGrams(coverage) * (1 + RESERVE);
	const count = Math.max(1, Math.ceil(minutes / BOWL_LIFE_MINUTES));
	const bowls = Array.from({ length: count }, (_, i): Bowl => {
		const { lightenerGrams, developerGrams } = splitByRatio(needed / count, ratio);
		const foils =
			coverage.technique === 'foils'
				? {
						from: Math.floor((coverage.foils * i) / count) + 1,
						to: Math.floor((coverage.foils * (i + 1)) / count)
					}
				: undefined;
		return {
			number: i + 1,
			lightenerGrams,
			developerGrams,
			blend: blendDeveloper(volume, developerGrams, stock),
			mixAtMinute: Math.round((minutes * i) / count),
			...(foils ? { foils } : {})
		};
	});
	const totalGrams = bowls.reduce(
		(sum, bowl) => sum + bowl.lightenerGrams + bowl.developerGrams,
		0
	);
	return {
		bowls,
		totalGrams,
		reserveGrams: Math.round(totalGrams - totalGrams / (1 + RESERVE)),
		workMinutes: Math.round(minutes)
	};
}

/** Whole grams of both parts of a mixture; the lightener is rounded up so that no bowl is stinted. */
export function splitByRatio(
	grams: number,
	ratio: number
): { lightenerGrams: number; developerGrams: number } {
	const lightenerGrams = Math.max(1, Math.ceil(grams / (1 + ratio) - 1e-9));
	return { lightenerGrams, developerGrams: Math.max(1, Math.round(lightenerGrams * ratio)) };
}

/** How a ratio feels in the bowl. */
export const consistencyOf = (ratio: number): string =>
	CONSISTENCY.find(({ upTo }) => ratio <= upTo)!.name;

import type { AreaName } from '../lift';
import {
	AREA_SHARE,
	DENSITY_GRAMS,
	FOIL_GRAMS,
	LAYERS_WORK,
	OPEN_GRAMS,
	PICKINGS,
	SECTION_GRAMS,
	WORK_MINUTES
} from './constants';

export type Density = keyof typeof DENSITY_GRAMS;
export type Picking = keyof typeof PICKINGS;

/** How much hair the mixture goes on. */
export type Coverage = {
	readonly density: Density;
	readonly section: keyof typeof SECTION_GRAMS;
	/** Centimetres of each strand that are covered, > 0. */
	readonly coveredCm: number;
	readonly layers?: keyof typeof LAYERS_WORK | undefined;
	/** Areas clipped too short to work on. */
	readonly undercut?: readonly AreaName[] | undefined;
} & (
	| { readonly technique: 'foils'; readonly foils: number; readonly picking?: Picking | undefined }
	| { readonly technique: 'open' }
);

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
		SECTION_GRAMS[coverage.section] *
		PICKINGS[coverage.picking ?? 'weave'].grams
	);
}

/** Minutes one pair of hands needs to put the mixture on. */
export function workMinutes(coverage: Coverage): number {
	const sections = LAYERS_WORK[coverage.layers ?? 'none'];
	return coverage.technique === 'foils'
		? coverage.foils * WORK_MINUTES.foil * sections * PICKINGS[coverage.picking ?? 'weave'].minutes
		: (WORK_MINUTES.openBase + WORK_MINUTES.openPerCm * coverage.coveredCm) *
				DENSITY_GRAMS[coverage.density] *
				sections *
				workedShare(coverage.undercut);
}

import type { AreaName } from '../lift';
import {
	AREA_SHARE,
	DENSITY_GRAMS,
	FOIL_GRAMS,
	LAYERS_WORK,
	OPEN_GRAMS,
	PICKINGS,
	RETOUCH,
	SECTION_GRAMS,
	TEXTURE_GRAMS,
	WORK_MINUTES
} from './constants';

export type Density = keyof typeof DENSITY_GRAMS;
export type Picking = keyof typeof PICKINGS;

/** How much hair the mixture goes on. */
export type Coverage = {
	readonly density: Density;
	/** Medium unless said. */
	readonly texture?: keyof typeof TEXTURE_GRAMS | undefined;
	readonly section: keyof typeof SECTION_GRAMS;
	/** Centimetres of each strand that are painted, > 0. */
	readonly coveredCm: number;
	readonly layers?: keyof typeof LAYERS_WORK | undefined;
	/** Areas clipped too short to work on. */
	readonly undercut?: readonly AreaName[] | undefined;
} & (
	| { readonly technique: 'foils'; readonly foils: number; readonly picking?: Picking | undefined }
	| { readonly technique: 'open' }
	/** Centimetres of parting in all. */
	| { readonly technique: 'retouch'; readonly partingCm: number }
);

/** Centimetres of parting from which some of the head's hair is retouched. @param share of its hair, 0-1 */
export const partingCm = (share: number, section: Coverage['section']): number =>
	(RETOUCH.scalpCm2 * share) / RETOUCH.spacingCm[section];

/** Share of the head's hair that is worked on where some areas are clipped short, 0-1. */
const workedShare = (undercut: readonly AreaName[] = []): number =>
	1 - undercut.reduce((sum, area) => sum + AREA_SHARE[area], 0);

/** Grams of ready mixture that saturate the hair, without reserve. */
export function mixtureGrams(coverage: Coverage): number {
	const hair = DENSITY_GRAMS[coverage.density] * TEXTURE_GRAMS[coverage.texture ?? 'medium'];
	if (coverage.technique === 'retouch') {
		const { perCm2, perCm3 } = RETOUCH.grams;
		const scalp = coverage.partingCm * RETOUCH.spacingCm[coverage.section];
		return scalp * (perCm2 + perCm3 * coverage.coveredCm) * hair;
	}
	if (coverage.technique === 'open') {
		return (
			(OPEN_GRAMS.scalp + OPEN_GRAMS.perCm * coverage.coveredCm) *
			hair *
			workedShare(coverage.undercut)
		);
	}
	return (
		coverage.foils *
		FOIL_GRAMS.at30cm *
		Math.pow(coverage.coveredCm / 30, FOIL_GRAMS.lengthPower) *
		hair *
		SECTION_GRAMS[coverage.section] *
		PICKINGS[coverage.picking ?? 'weave'].grams
	);
}

/** Minutes one pair of hands needs to put the mixture on. */
export function workMinutes(coverage: Coverage): number {
	if (coverage.technique === 'retouch')
		return coverage.partingCm * RETOUCH.minutesPerCm * DENSITY_GRAMS[coverage.density];
	const sections = LAYERS_WORK[coverage.layers ?? 'none'];
	return coverage.technique === 'foils'
		? coverage.foils *
				WORK_MINUTES.foil[coverage.section] *
				sections *
				PICKINGS[coverage.picking ?? 'weave'].minutes
		: (WORK_MINUTES.openBase + WORK_MINUTES.openPerCm * coverage.coveredCm) *
				DENSITY_GRAMS[coverage.density] *
				sections *
				workedShare(coverage.undercut);
}

import { GROWTH_CM_PER_MONTH } from '../../core/hair';
import type { Reading, ZoneReading } from '../../schema/records';

/** Hair of a level as it grows. */
export const natural = (level: number): ZoneReading => ({
	state: 'natural',
	presentLevel: level,
	artificial: []
});

/** A reading to start from: medium hair, natural 5, untouched. Everything is there to be changed. */
export const plainReading = (): Reading => ({
	naturalLevel: 5,
	warmth: 'neutral',
	texture: 'medium',
	density: 'medium',
	porosity: 'normal',
	lengthCm: 30,
	regrowthCm: 2.5,
	endsCm: 4,
	whiteShare: 0,
	areas: {},
	curl: 'straight',
	haircut: { layers: 'none', undercut: [] },
	zones: { root: natural(5), lengths: natural(5), ends: natural(5) },
	strain: {
		lightenings: 0,
		relaxer: false,
		perm: false,
		heatHabit: false,
		stretch: 'springs',
		feel: 'smooth',
		ends: 'sound'
	},
	henna: false,
	metallicSalts: false,
	water: 'soft',
	scalp: 'calm',
	strandTests: [],
	history: [],
	growthCmPerMonth: GROWTH_CM_PER_MONTH
});

import type { Facts } from '../core/caution';

/** A head without anything to be careful of. */
export const quietFacts: Facts = {
	patchTest: { standing: 'valid', hoursAgo: 72, validUntil: '2026-09-01' },
	strandTest: { standing: 'none' },
	sensitivities: [],
	henna: false,
	metallicSalts: false,
	oldColour: false,
	scalpIrritated: false,
	underSixteen: false,
	product: 'powder',
	placement: 'foil',
	volume: 20,
	minutes: 40,
	limitMinutes: 50,
	onScalp: false,
	hotRootLevels: 0,
	conditionBefore: 100,
	conditionAfter: 85,
	usesOxidative: true
};

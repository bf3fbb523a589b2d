import { USUAL_CEILINGS, type CautionCode, type Facts } from '../core/caution';

const CLEAN = { standing: 'clean' } as const;

/** For every rule: facts that call it, and the nearest facts that do not. */
export const CAUTION_CASES: Record<CautionCode, { yes: Partial<Facts>; no: Partial<Facts> }> = {
	patchReaction: { yes: { patchTest: { standing: 'reacted' } }, no: {} },
	cutEnds: { yes: { coveredEndsCondition: 54 }, no: { coveredEndsCondition: 55 } },
	patchMissing: {
		yes: { patchTest: { standing: 'none' } },
		no: { patchTest: { standing: 'none' }, usesOxidative: false }
	},
	patchOld: { yes: { patchTest: { standing: 'due', hoursAgo: 5000 } }, no: {} },
	patchTooFresh: {
		yes: { patchTest: { standing: 'waiting', hoursAgo: 47, readableOn: '2026-03-04' } },
		no: {}
	},
	colourAllergy: {
		yes: { sensitivities: ['colourAllergy'] },
		no: { sensitivities: ['colourAllergy'], usesOxidative: false }
	},
	persulfateAllergy: {
		yes: { sensitivities: ['persulfateAllergy'] },
		no: { sensitivities: ['persulfateAllergy'], product: 'highLift' }
	},
	asthma: {
		yes: { sensitivities: ['asthma'] },
		no: { sensitivities: ['asthma'], product: 'permanent' }
	},
	blackHenna: {
		yes: { sensitivities: ['blackHenna'] },
		no: { sensitivities: ['blackHenna'], usesOxidative: false }
	},
	medicine: { yes: { sensitivities: ['medicine'] }, no: { sensitivities: ['asthma'] } },
	strandOutdated: {
		yes: { strandTest: { standing: 'outdated', by: '2026-02-01' } },
		no: { strandTest: CLEAN }
	},
	metallicSalts: { yes: { metallicSalts: true }, no: { metallicSalts: true, strandTest: CLEAN } },
	henna: {
		yes: { henna: true, strandTest: { standing: 'pending' } },
		no: { henna: true, strandTest: CLEAN }
	},
	strandReacted: { yes: { strandTest: { standing: 'reacted' } }, no: { strandTest: CLEAN } },
	scalpIrritated: { yes: { scalpIrritated: true }, no: {} },
	freshRelaxer: { yes: { relaxerWeeksAgo: 3 }, no: { relaxerWeeksAgo: 4 } },
	underSixteen: { yes: { underSixteen: true }, no: {} },
	oldColour: { yes: { oldColour: true }, no: { oldColour: true, strandTest: CLEAN } },
	oldColourStays: { yes: { oldColourMoved: 0.4 }, no: { oldColourMoved: 0.5 } },
	minerals: { yes: { minerals: 'copper' }, no: {} },
	onScalpStrength: { yes: { onScalp: true, volume: 22.5 }, no: { onScalp: true, volume: 20 } },
	fortyVolume: {
		yes: { volume: 40, ceilings: { ...USUAL_CEILINGS, offScalp: 40 } },
		no: { volume: 40 }
	},
	overCeiling: { yes: { volume: 35 }, no: { volume: 30 } },
	overTime: { yes: { minutes: 51 }, no: { minutes: 50 } },
	conditionStop: { yes: { conditionAfter: 39 }, no: { conditionAfter: 40 } },
	conditionFragile: { yes: { conditionAfter: 54 }, no: { conditionAfter: 55 } },
	overlap: { yes: { overlapVolume: 20 }, no: { overlapVolume: 10 } },
	band: { yes: { retouchCm: 3.8 }, no: { retouchCm: 2.5 } },
	hotRoots: { yes: { hotRootLevels: 0.6 }, no: { hotRootLevels: 0.3 } },
	tonerStrength: { yes: { tonerVolume: 20 }, no: { tonerVolume: 7 } }
};

export { checkCautions, STANDING_CAUTIONS, type Caution } from './check';
export { SENSITIVITIES, type Facts, type Minerals, type Sensitivity } from './facts';
export { CAUTION_LIMITS, USUAL_CEILINGS, type Ceilings } from './limits';
export {
	CAUTION_RULES,
	volumeCeiling,
	type CautionRule,
	type CautionStation,
	type Severity
} from './rules';
export { patchStanding, strandStanding, type PatchStanding, type StrandStanding } from './tests';

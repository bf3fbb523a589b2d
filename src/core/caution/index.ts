export { checkCautions, STANDING_CAUTIONS, type Caution } from './check';
export { SENSITIVITIES, type Facts, type Minerals } from './facts';
export { USUAL_CEILINGS, type Ceilings } from './limits';
export { CAUTION_RULES, volumeCeiling, type CautionStation } from './rules';
export { patchStanding, strandStanding, type PatchStanding, type StrandStanding } from './tests';

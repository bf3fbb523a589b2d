export { checkCautions, type Caution } from './check';
export type { Facts, Minerals } from './facts';
export { CAUTION_LIMITS, USUAL_CEILINGS, type Ceilings } from './limits';
export { liesOnScalp, volumeCeiling, type CautionCode, type CautionStation } from './rules';
export { patchStanding, strandStanding, type PatchStanding, type StrandStanding } from './tests';

export { LIFT_AGAIN } from './constants';
export { causeOf, type FaultCause, type ToneFault } from './causes';
export { curesSteps, type Cure, type CureProblem } from './cures';

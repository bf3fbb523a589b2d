export { causeOf, type FaultCause, type FaultFacts, type ToneFault } from './causes';
export { curesSteps, type Cure, type CureAnswer, type CureProblem } from './cures';

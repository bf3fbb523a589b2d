export { findToner, findTonerSteps, type TonerAnswer, type TonerQuestion } from './findToner';
export { kindsOf, type FormulaKind } from './kinds';
export type { ToneFormula, ToneReason } from './solve';
export { stallPoints, stallPointsSteps, type StallPoint, type StallProblem } from './stalls';
export { solveTintSteps, type TintProblem } from './tint';

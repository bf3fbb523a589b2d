export { findToner, findTonerSteps, type TonerAnswer, type TonerQuestion } from './findToner';
export { kindsOf, type FormulaKind } from './kinds';
export { keepsLevelSteps, solveToneSteps, type ToneFormula, type ToneReason } from './solve';
export type { ShelfShade, ToneProblem } from './search';
export { stallPoints, stallPointsSteps, type StallPoint, type StallProblem } from './stalls';
export { solveTintSteps, type TintProblem } from './tint';
export { between, deeper, stronger, withTouch } from './variations';

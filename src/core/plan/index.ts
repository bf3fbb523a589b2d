export { hairIdOf, hairOfId } from './hairId';
export { PLAN, TARGET_TOLERANCE } from './constants';
export { findToner, findTonerSteps, type TonerAnswer, type TonerQuestion } from './findToner';
export { neededLevel } from './neededLevel';
export { estimateSessions, type SessionsEstimate } from './sessions';
export { servicePrice } from './price';
export {
	searchPlans,
	searchPlansSteps,
	type PlanAnswer,
	type ServicePlan,
	type VisitPlan
} from './search';
export { PACES, paceVolume, type Pace, type PlanConstraints, type PlanHead } from './recipes';
export {
	BASE_BREAK,
	minutesTo,
	removalStep,
	STEP_KINDS,
	type StepKind,
	type UsualStep
} from './day';
export { stallPoints, stallPointsSteps, type StallPoint, type StallProblem } from './stalls';
export { solveTint } from './tint';
export { closedDoors, DOORS, type DoorFacts } from './doors';
export {
	judgeAim,
	judgeAimSteps,
	type AimedHair,
	type AimJudgement,
	type AimProblem,
	type Alternative
} from './judge';
export { CURL_HANG, panelShows, type HiddenPanel } from './panel';
export {
	KIND_PICKING,
	kindOfAim,
	RESULT_KIND_NAMES,
	usualRootLevel,
	type KindProblem,
	type ResultKind
} from './resultKinds';
export { freshenWeek, priceRange, RETURN_WEEKS_BY_KIND } from './upkeep';
export { trueDepositLevel } from './trueDeposit';

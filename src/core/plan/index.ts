export { hairIdOf, hairOfId } from './hairId';
export { PLAN, TARGET_TOLERANCE } from './constants';
export { dryVerdict, type DryVerdict } from './dryVerdict';
export { estimateSessions, type SessionsEstimate } from './sessions';
export { servicePrice } from './price';
export { searchPlansSteps, type PlanAnswer, type ServicePlan, type VisitPlan } from './search';
export { paceVolume, type Pace, type PlanConstraints, type PlanHead } from './recipes';
export { BASE_BREAK, minutesTo, removalStep, type StepKind, type UsualStep } from './day';
export { closedDoors, type DoorCode } from './doors';
export {
	judgeAimSteps,
	type AimedHair,
	type AimJudgement,
	type AimProblem,
	type Alternative
} from './judge';
export { panelShows } from './panel';
export {
	KIND_PICKING,
	kindOfAim,
	usualRootLevel,
	type KindProblem,
	type ResultKind
} from './resultKinds';
export { whenBack, type BackReason, type WhenBack } from './whenBack';
export { aftercareOf, type Aftercare } from './aftercare';
export { freshenWeek, priceRange, RETURN_WEEKS_BY_KIND } from './upkeep';
export { regrowthShows } from './regrowthShows';
export { trueDepositLevel } from './trueDeposit';
export {
	dayVerdict,
	planVerdict,
	visitWeeks,
	type Behind,
	type BehindWhy,
	type DayEnd,
	type DayVerdict
} from './verdict';

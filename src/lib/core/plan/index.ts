export { CHAIR_MINUTES, PLAN, RETURN_WEEKS, TARGET_TOLERANCE } from './constants';
export { findToner, findTonerSteps, type TonerAnswer, type TonerQuestion } from './findToner';
export { neededLevel } from './neededLevel';
export { estimateSessions, type PlannedVisit, type SessionsEstimate } from './sessions';
export { chairMinutes } from './hours';
export {
	searchPlans,
	searchPlansSteps,
	type PlanAnswer,
	type PlanName,
	type ServicePlan,
	type VisitPlan
} from './search';
export type { Pace, PlanConstraints, PlanHead, Stopped } from './recipes';
export { stallPoints, type StallPoint, type StallProblem } from './stalls';
export { solveTint, type TintAnswer, type TintProblem } from './tint';

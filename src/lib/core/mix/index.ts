export { blendDeveloper, blendStrength, type Blend } from './blend';
export {
	consistencyOf,
	mixtureGrams,
	planBowls,
	splitByRatio,
	workMinutes,
	type Bowl,
	type BowlPlan,
	type Coverage,
	type Density
} from './bowls';
export { AREA_SHARE, BOWL_LIFE_MINUTES, GRAMS_PER_OUNCE, USUAL_STOCK } from './constants';
export {
	serviceClock,
	type ClockItem,
	type ClockProblem,
	type Hands,
	type ServiceClock
} from './clock';
export { keepRatio, type Poured } from './keepRatio';
export type { StagingAdvice } from './advice';
export type { StagingProblem, StagingProblemFault, WorkSection } from './sections';
export {
	oneStrength,
	stageBowls,
	stageBowlsSteps,
	type SectionFinish,
	type StagedBowl,
	type Staging
} from './staging';

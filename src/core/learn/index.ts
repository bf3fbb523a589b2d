export { calibrationOf, type Calibration, type JudgedLook } from './calibration';
export { type TextureFit } from './fit';
export { isHabit, learnHead, type AreaHabit, type LookedVisit, type TaughtHead } from './head';
export { ladderFromSwatches, usualLevel, type LadderAnswer } from './ladder';
export { expectedOf, type LevelLook } from './look';
export {
	factorOf,
	fadePersonal,
	learn,
	UNKNOWN_CLIENT,
	type Observation,
	type Personal
} from './personal';
export { handPaceOf } from './handPace';
export { headAndPlaces, type PlaceEvidence } from './places';
export { type Reader } from './readers';
export { judgeSalonSteps, type SalonAnswer, type SalonHead, type SalonLook } from './salon';
export {
	surpriseOf,
	type Surprise,
	type SurpriseAnswer,
	type SurpriseCause,
	type SurpriseLook
} from './surprise';
export { usageOf } from './usage';
export { intensityOfSwatch } from './swatches';

export {
	calibrationOf,
	judgeLooksSteps,
	type Calibration,
	type JudgedLook,
	type PlannedLook
} from './calibration';
export { fitTexture, type SeenHead, type TextureFit } from './fit';
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
export { readersOf, type Reader, type ReaderLook } from './readers';
export { usageOf } from './usage';
export { intensityOfSwatch } from './swatches';

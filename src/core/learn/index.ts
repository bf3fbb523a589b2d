export { calibrationOf, type Calibration } from './calibration';
export { eyeByHue, eyeOffset, LEAST_EYE_LOOKS, type EyeByHue } from './eye';
export { type TextureFit } from './fit';
export { isHabit, learnHead, type AreaHabit, type LookedVisit } from './head';
export { ladderFromSwatches, usualLevel, type LadderAnswer } from './ladder';
export { expectedOf, type LevelLook, type Look, type LookedHair } from './look';
export { factorOf, UNKNOWN_CLIENT, type Personal } from './personal';
export { handPaceOf } from './handPace';
export { headAndPlaces, type PlaceEvidence } from './places';
export { type Reader } from './readers';
export { judgeSalonSteps, type SalonHead, type SalonLook } from './salon';
export {
	surpriseOf,
	type Surprise,
	type SurpriseAnswer,
	type SurpriseCause,
	type SurpriseLook
} from './surprise';
export { usageOf } from './usage';
export { intensityOfSwatch } from './swatches';
export { logLikelihood, WORD_APART, type Spoken } from './word';

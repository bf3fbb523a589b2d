export {
	ALREADY_THERE,
	CLOSE_ENOUGH,
	DIRECTIONS,
	FAMILIES,
	INTENSITY,
	VEHICLES
} from './constants';
export { depositShare, type DepositConditions, type Vehicle } from './deposit';
export {
	addDyes,
	addDyeTo,
	DYE_NAMES,
	dyeSpectrum,
	scaleDyes,
	type DyeAmounts,
	type DyeName
} from './dyes';
export { overToned, toneCourse, type ToneMoment } from './course';
export { fadeByWeek, fadeDyes, type FadedWeek, type WashHabit } from './fade';
export { fillerFor, type FillerAdvice } from './filler';
export { depositOf, formulaGrams, isClear, tradeLevel, type FormulaPart } from './formula';
export {
	previewTone,
	rawLab,
	toneWarnings,
	type RawHair,
	type TonePreview,
	type ToneWarning
} from './preview';
export { targetLab, USUAL_WARMTH, type Direction, type ToneTarget } from './target';
export { parseTone, tubeDyes, type Family, type Shade, type ShadeForm } from './tube';
export { type ShelfShade, type ToneProblem } from './search';
export { solveTone, solveToneSteps, usualMinutes, type ToneFormula } from './solve';
export { readCode, type CodeKey, type ReadCode, type UnreadCode } from './code';
export { rinsed, solveTwoStep, type ToneStep, type TwoStepTone } from './twoStep';
export { meltTargets, rootShadowLevel, solveZones, type ToneZone, type ZoneFormula } from './zones';
export { idealDyes } from './idealDyes';
export { nearestTarget, type NearestTarget } from './nearestTarget';

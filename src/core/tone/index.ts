export { DIRECTIONS, FAMILIES, VEHICLES } from './constants';
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
export { overToned, toneCourse } from './course';
export { fadeByWeek, fadeDyes, type FadedWeek } from './fade';
export { fillerFor } from './filler';
export { depositOf, isClear, tradeLevel, type FormulaPart } from './formula';
export { previewTone, rawLab, type RawHair, type TonePreview, type ToneWarning } from './preview';
export { targetLab, USUAL_WARMTH, type Direction } from './target';
export { parseTone, tubeDyes, type Shade } from './tube';
export { type ShelfShade, type ToneProblem } from './search';
export { solveTone, solveToneSteps, usualMinutes, type ToneFormula } from './solve';
export { readCode, type CodeKey } from './code';
export { solveTwoStep } from './twoStep';
export { meltTargets, rootShadowLevel, solveZones } from './zones';
export { idealDyes } from './idealDyes';
export { nearestTarget } from './nearestTarget';

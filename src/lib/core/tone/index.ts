export {
	ALREADY_THERE,
	CLOSE_ENOUGH,
	DIRECTIONS,
	FAMILIES,
	INTENSITY,
	VEHICLES
} from './constants';
export { depositShare, type DepositConditions, type Vehicle } from './deposit';
export { addDyes, DYE_NAMES, dyeSpectrum, scaleDyes, type DyeAmounts, type DyeName } from './dyes';
export { fadeDyes } from './fade';
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
export {
	solveTone,
	usualMinutes,
	type ShelfShade,
	type ToneFormula,
	type ToneProblem
} from './solve';
export { readCode, type CodeKey, type ReadCode, type UnreadCode } from './code';

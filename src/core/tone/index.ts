export { CONCENTRATE, FAMILIES, VEHICLES } from './constants';
export {
	depositShares,
	harshness,
	holds,
	usualMinutes,
	type DepositConditions,
	type Vehicle
} from './deposit';
export {
	absorbanceAt550,
	addDyes,
	addDyeTo,
	DYE_NAMES,
	dyeSpectrum,
	scaleDyes,
	type DyeAmounts,
	type DyeName
} from './dyes';
export { faultsOf, nearestMinute, overToned, toneCourse, type ToneMoment } from './course';
export {
	fadeByWeek,
	fadeDyes,
	laidAtHome,
	weeksWorn,
	type FadedWeek,
	type WashHabit,
	type Water
} from './fade';
export { depositOf, depositOfShade, isClear, tradeLevel, type FormulaPart } from './formula';
export { previewTone, rawLab, type RawHair, type TonePreview, type ToneWarning } from './preview';
export { enhances, targetLab, turnedTo, USUAL_WARMTH, warmthKept, type Direction } from './target';
export { baseGrip, namedTones, parseTone, tubeDyes, type Shade } from './tube';
export { readCode, type UnreadCode } from './code';
export { readSpoken, type UnspokenFormula } from './spoken';
export { bowlFaults, type BowlFault } from './bowlFaults';
export { contributions, type Contribution } from './contributions';
export { meltShares, reachShare, type Reaching } from './melt';
export { rootShadowLevel } from './rootShadow';
export { idealDyes } from './idealDyes';
export { dyesNamed } from './named';
export { nearestTarget, nearestTone } from './nearestTarget';
export { dyePulls, type DyePull } from './pulls';

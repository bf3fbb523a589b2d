export { LEVEL_LADDER, NEUTRAL_WARMTH, WAVELENGTHS } from './constants';
export { seenWithout, type Deficiency } from './deficiency';
export { deltaE, hexOf, rgbOf } from './display';
export { conesOf, tristimulusOfCones, type Cones } from './adapt';
export {
	chromaOf,
	hueOf,
	labOf,
	labOfTristimulus,
	tristimulusOfLab,
	tristimulusOfLinear,
	type Lab,
	type Tristimulus
} from './lab';
export { depthOf, depthOfLevel, levelOf, levelOfDepth, lightnessOfDepth } from './level';
export { ladderInUse, perLadder, useLadder } from './ladder';
export { mixWithWhite, reflectance, tristimulusOf } from './reflectance';
export type { ApartFibres, Rgb, StrandColours } from './strandColours';
export { absorbance, emptySpectrum, EUMELANIN, type Spectrum } from './spectrum';
export {
	NEUTRALISERS,
	undertoneOf,
	undertoneSpan,
	type Undertone,
	type UndertoneName
} from './undertone';

export { LEVEL_LADDER, NEUTRAL_WARMTH, SAMPLES, WAVELENGTHS } from './constants';
export { deltaE, hexOf, rgbOf } from './display';
export { chromaOf, hueOf, labOf, labOfLinear, labOfTristimulus, type Lab } from './lab';
export { depthOf, depthOfLevel, levelOf, levelOfDepth, lightnessOfDepth } from './level';
export { mixWithWhite, reflectance, tristimulusOf } from './reflectance';
export type { ApartFibres, Rgb, StrandColours } from './strandColours';
export { absorbance, emptySpectrum, EUMELANIN, type Spectrum } from './spectrum';
export { undertoneOf, type Undertone, type UndertoneName } from './undertone';

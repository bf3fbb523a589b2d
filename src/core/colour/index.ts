export { LEVEL_LADDER, SAMPLES, WAVELENGTHS } from './constants';
export { deltaE, hexOf, rgbOf } from './display';
export { chromaOf, hueOf, labOf, labOfLinear, lightnessOfLuminance, type Lab } from './lab';
export { levelOf, lightnessOfLevel } from './level';
export { luminanceOf, mixWithWhite, reflectance } from './reflectance';
export type { ApartFibres, Rgb, StrandColours } from './strandColours';
export { absorbance, emptySpectrum, EUMELANIN, type Spectrum } from './spectrum';
export { undertoneOf, type Undertone, type UndertoneName } from './undertone';

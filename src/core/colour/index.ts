export { LEVEL_LADDER, SAMPLES, WAVELENGTHS } from './constants';
export { deltaE, hexOf, rgbOf } from './display';
export {
	chromaOf,
	hueOf,
	labOf,
	labOfLinear,
	lightnessOf,
	lightnessOfLuminance,
	type Lab
} from './lab';
export { levelOf, lightnessOfLevel } from './level';
export { luminanceOf, mixWithWhite, reflectance } from './reflectance';
export type { ApartFibres, Rgb, StrandColours } from './strandColours';
export { absorbance, emptySpectrum, EUMELANIN, PHEOMELANIN, type Spectrum } from './spectrum';
export {
	NEUTRALISERS,
	undertoneOf,
	type Neutraliser,
	type Undertone,
	type UndertoneName
} from './undertone';

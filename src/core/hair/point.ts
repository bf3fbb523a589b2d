import {
	absorbance,
	emptySpectrum,
	labOf,
	mixWithWhite,
	reflectance,
	type Lab,
	type Spectrum
} from '../colour';
import type { Pigment } from './natural';

/** Lab of hair with this pigment and, if any, dye. */
export function labOfPigment(pigment: Pigment, dye?: Readonly<Spectrum>): Lab {
	return labOf(reflectance(absorbance(pigment.eumelanin, pigment.pheomelanin, dye)));
}

/**
 * Lab of an area where a share of the fibres is white: both populations had the same treatment but
 * hold their own pigment and dye.
 * @param whiteShare 0-1
 */
export function labOfMixture(
	pigment: Pigment,
	whiteShare: number,
	dye?: Readonly<Spectrum>,
	dyeOnWhite: Readonly<Spectrum> | undefined = dye
): Lab {
	const pigmented = reflectance(absorbance(pigment.eumelanin, pigment.pheomelanin, dye));
	if (whiteShare <= 0) return labOf(pigmented);
	const white = reflectance(absorbance(0, 0, dyeOnWhite), emptySpectrum());
	return labOf(mixWithWhite(pigmented, white, Math.min(whiteShare, 1)));
}

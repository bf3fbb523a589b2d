import { FIBRE, SAMPLES, WAVELENGTHS } from './constants';
import { emptySpectrum, type Spectrum } from './spectrum';

const KERATIN: Readonly<Spectrum> = Float64Array.from(
	WAVELENGTHS,
	(nm) => FIBRE.body * Math.exp(-FIBRE.keratinShortWave * Math.pow(500 / nm, 3) - FIBRE.keratinGrey)
);

/**
 * Reflectance of a mass of hair with absorbance `A`:
 * `R = gloss + body·B(λ)·(1 + A/s)^-s`, the mean of `exp(-A·l)` over gamma-distributed path lengths
 * (shape `s`, mean 1) plus the surface gloss.
 * @param absorbance `A` per sample, ≥ 0
 * @returns reflectance per sample, in (0, 1)
 */
export function reflectance(
	absorbance: Readonly<Spectrum>,
	out: Spectrum = emptySpectrum()
): Spectrum {
	const s = FIBRE.pathShape;
	for (let i = 0; i < SAMPLES; i++) {
		out[i] = FIBRE.gloss + KERATIN[i]! * Math.pow(1 + absorbance[i]! / s, -s);
	}
	return out;
}

/**
 * Reflectance of an area that mixes pigmented and white fibres,
 * `R^(1/4) = (1-s)·R_pigmented^(1/4) + s·R_white^(1/4)`: dark fibres between white ones swallow
 * light, so the mix is deeper than the mean.
 * @param whiteShare share of white fibres, 0-1
 */
export function mixWithWhite(
	pigmented: Readonly<Spectrum>,
	white: Readonly<Spectrum>,
	whiteShare: number,
	out: Spectrum = emptySpectrum()
): Spectrum {
	for (let i = 0; i < SAMPLES; i++) {
		const root =
			(1 - whiteShare) * Math.pow(pigmented[i]!, 0.25) + whiteShare * Math.pow(white[i]!, 0.25);
		out[i] = root * root * root * root;
	}
	return out;
}

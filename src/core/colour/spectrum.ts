import { PIGMENT_DECAY_NM, SAMPLES, WAVELENGTHS } from './constants';

/** One value per sample of {@link WAVELENGTHS}: absorbance or reflectance, dimensionless. */
export type Spectrum = Float64Array;

/** A spectrum of zeros. */
export const emptySpectrum = (): Spectrum => new Float64Array(SAMPLES);

const exponential = (decayNm: number): Spectrum =>
	Float64Array.from(WAVELENGTHS, (nm) => Math.exp(-(nm - 550) / decayNm));

/** Unit absorbance of brown-black pigment, 1 at 550 nm. */
export const EUMELANIN: Readonly<Spectrum> = exponential(PIGMENT_DECAY_NM.eumelanin);

/** Unit absorbance of warm pigment (pheomelanin and the residue of bleached eumelanin), 1 at 550 nm. */
export const PHEOMELANIN: Readonly<Spectrum> = exponential(PIGMENT_DECAY_NM.pheomelanin);

/**
 * Total absorbance of a point of hair, `A = E·eumelanin + P·pheomelanin + D`.
 * @param eumelanin amount `E`, ≥ 0
 * @param pheomelanin amount `P`, ≥ 0
 * @param dye absorbance `D` of all dyes, if any
 * @param out where to write, to spare an allocation in loops
 */
export function absorbance(
	eumelanin: number,
	pheomelanin: number,
	dye?: Readonly<Spectrum>,
	out: Spectrum = emptySpectrum()
): Spectrum {
	for (let i = 0; i < out.length; i++) {
		out[i] = eumelanin * EUMELANIN[i]! + pheomelanin * PHEOMELANIN[i]! + (dye ? dye[i]! : 0);
	}
	return out;
}

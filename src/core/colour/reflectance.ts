import { FIBRE, WAVELENGTHS } from './constants';
import type { Tristimulus } from './lab';
import { TRISTIMULUS_WEIGHTS } from './observer';
import { emptySpectrum, EUMELANIN, PHEOMELANIN, type Spectrum } from './spectrum';

const KERATIN: Readonly<Spectrum> = Float64Array.from(
	WAVELENGTHS,
	(nm) => FIBRE.body * Math.exp(-FIBRE.keratinShortWave * Math.pow(500 / nm, 3) - FIBRE.keratinGrey)
);

/**
 * Mean of `exp(-A·l)` over the path lengths `l` through the mass: `(1 + A/s)^-s`, in (0, 1]. The plain
 * formula; {@link reflectance} reads it from a table.
 */
export const pathMean = (absorbance: number): number =>
	Math.pow(1 + absorbance / FIBRE.pathShape, -FIBRE.pathShape);

/**
 * The same by linear interpolation. At this step the error stays below 3e-6 of full reflectance, a
 * thousandth of what the eye can tell, at a tenth of the time; the tests hold it against the plain one.
 */
const STEPS_PER_UNIT = 256;
const TABLE_END = 32;
const TABLE = Float64Array.from({ length: TABLE_END * STEPS_PER_UNIT + 2 }, (_, i) =>
	pathMean(i / STEPS_PER_UNIT)
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
	const { gloss } = FIBRE;
	for (let i = 0; i < out.length; i++) {
		out[i] = gloss + KERATIN[i]! * tabledMean(absorbance[i]!);
	}
	return out;
}

/** Mean over path lengths, read from the table; {@link pathMean} beyond its end. */
function tabledMean(a: number): number {
	if (!(a >= 0 && a < TABLE_END)) return pathMean(a);
	const at = a * STEPS_PER_UNIT;
	const step = at | 0;
	const low = TABLE[step]!;
	return low + (TABLE[step + 1]! - low) * (at - step);
}

/** Weights of the samples in X, Y and Z, keratin included, and what the gloss adds to each. */
const [X, Y, Z] = TRISTIMULUS_WEIGHTS.map((row) =>
	row.map((weight, i) => weight * KERATIN[i]!)
) as [Float64Array, Float64Array, Float64Array];

// Read in the innermost loop of everything: names of this module, since some loaders ask for an imported one by a call.
const [EU, PHEO] = [EUMELANIN, PHEOMELANIN];

/**
 * X, Y and Z of a point of hair, without its spectrum: the one loop that a level needs. The same as
 * weighing {@link reflectance} of the absorbance.
 * @param dye absorbance of dyes other than the brown base, which has eumelanin's shape
 * @param out written over and returned, to spare an allocation in loops
 */
export function tristimulusOf(
	eumelanin: number,
	pheomelanin: number,
	dye?: Readonly<Spectrum>,
	out: Tristimulus = { x: 0, y: 0, z: 0 }
): Tristimulus {
	let x = FIBRE.gloss;
	let y = FIBRE.gloss;
	let z = FIBRE.gloss;
	for (let i = 0; i < X.length; i++) {
		let absorbed = eumelanin * EU[i]! + pheomelanin * PHEO[i]!;
		if (dye) absorbed += dye[i]!;
		// The table is read here and not through a call: an interval comes this way some million times.
		let mean: number;
		if (absorbed < TABLE_END) {
			const at = absorbed * STEPS_PER_UNIT;
			const step = at | 0;
			const low = TABLE[step]!;
			mean = low + (TABLE[step + 1]! - low) * (at - step);
		} else mean = pathMean(absorbed);
		x += X[i]! * mean;
		y += Y[i]! * mean;
		z += Z[i]! * mean;
	}
	out.x = x;
	out.y = y;
	out.z = z;
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
	for (let i = 0; i < out.length; i++) {
		const root =
			(1 - whiteShare) * Math.pow(pigmented[i]!, 0.25) + whiteShare * Math.pow(white[i]!, 0.25);
		out[i] = root * root * root * root;
	}
	return out;
}

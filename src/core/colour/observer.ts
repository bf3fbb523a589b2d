import { D65, SAMPLES, WAVELENGTHS } from './constants';

const lobe = (nm: number, mean: number, below: number, above: number): number => {
	const t = (nm - mean) / (nm < mean ? below : above);
	return Math.exp(-0.5 * t * t);
};

/**
 * Colour matching functions of the CIE 1931 2° observer at one wavelength.
 * Source: Wyman, Sloan and Shirley, "Simple Analytic Approximations to the CIE XYZ Color Matching
 * Functions", JCGT 2(2), 2013, multi-lobe fits.
 */
export function colourMatching(nm: number): [x: number, y: number, z: number] {
	return [
		1.056 * lobe(nm, 599.8, 37.9, 31) +
			0.362 * lobe(nm, 442, 16, 26.7) -
			0.065 * lobe(nm, 501.1, 20.4, 26.2),
		0.821 * lobe(nm, 568.8, 46.9, 40.5) + 0.286 * lobe(nm, 530.9, 16.3, 31.1),
		1.217 * lobe(nm, 437, 11.8, 36) + 0.681 * lobe(nm, 459, 26, 13.8)
	];
}

/**
 * Weights that turn a reflectance into X/Xn, Y/Yn, Z/Zn: observer times D65, each row divided by its
 * own sum, so that the perfect diffuser is (1, 1, 1).
 */
export const TRISTIMULUS_WEIGHTS: readonly [Float64Array, Float64Array, Float64Array] = (() => {
	const rows: [Float64Array, Float64Array, Float64Array] = [
		new Float64Array(SAMPLES),
		new Float64Array(SAMPLES),
		new Float64Array(SAMPLES)
	];
	WAVELENGTHS.forEach((nm, i) => {
		colourMatching(nm).forEach((value, row) => (rows[row]![i] = value * D65[i]!));
	});
	for (const row of rows) {
		const sum = row.reduce((total, value) => total + value, 0);
		row.forEach((value, i) => (row[i] = value / sum));
	}
	return rows;
})();

import { uniformFloat32 } from 'pure-rand/distribution/uniformFloat32';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import { absorbance, emptySpectrum, reflectance, WAVELENGTHS, type Spectrum } from '../core/colour';
import { D65 } from '../core/colour/constants';
import type { Pigment } from '../core/hair';

/*
 * Pictures as a phone takes them, made from spectra: lamp × surface × sensitivities of the sensor, a
 * white balance that finds half of the lamp, a matrix to sRGB fitted in daylight, glare in the lens, a
 * tone curve, noise and eight bits. It shares no line with the reader and none with what draws strands.
 */

const spectrum = (at: (nm: number) => number): Spectrum => Float64Array.from(WAVELENGTHS, at);
/** Planck's law, relative. */
const planck = (kelvin: number): Spectrum =>
	spectrum((nm) => 1 / (Math.pow(nm / 560, 5) * (Math.exp(1.4388e7 / (nm * kelvin)) - 1)));
const bell = (nm: number, mean: number, width: number) =>
	Math.exp(-0.5 * ((nm - mean) / width) ** 2);
/** A white LED: the blue chip and the phosphor over it. */
const led = (blue: number, phosphor: number, width: number): Spectrum =>
	spectrum((nm) => blue * bell(nm, 452, 10) + bell(nm, phosphor, width) + 0.02);
const lines = (all: readonly (readonly [number, number, number])[]): Spectrum =>
	spectrum(
		(nm) => 0.05 + all.reduce((sum, [mean, width, high]) => sum + high * bell(nm, mean, width), 0)
	);

/** Light that salons work in. */
export const LAMPS = {
	daylight: Float64Array.from(D65),
	window: planck(5000),
	shade: planck(9000),
	coolLed: led(0.9, 560, 62),
	neutralLed: led(0.6, 580, 62),
	warmLed: led(0.28, 605, 58),
	bulb: planck(2856),
	tube: lines([
		[436, 8, 0.5],
		[488, 12, 0.25],
		[545, 8, 1],
		[611, 9, 1.1]
	])
} as const;
export type LampName = keyof typeof LAMPS;

/** How a phone renders light, 0-1, before sRGB's own curve: shadows lifted, highlights held back. */
export const CURVES = {
	plain: (x: number) => x,
	lifted: (x: number) => Math.pow(x, 0.9),
	soft: (x: number) => (1.8 * x) / (x + 0.8),
	contrasty: (x: number) => Math.pow(x, 1.12) * (1.12 - 0.12 * x),
	film: (x: number) => (1.35 * Math.pow(x, 1.25)) / (Math.pow(x, 1.25) + 0.35)
} as const;
export type CurveName = keyof typeof CURVES;

const SENSORS = [
	spectrum((nm) => bell(nm, 600, 36) + 0.12 * bell(nm, 540, 40) + 0.02 * bell(nm, 450, 20)),
	spectrum((nm) => bell(nm, 535, 40) + 0.1 * bell(nm, 460, 30) + 0.08 * bell(nm, 610, 30)),
	spectrum((nm) => bell(nm, 458, 28) + 0.12 * bell(nm, 520, 36))
] as const;

type Three = readonly [number, number, number];
const raw = (surface: Readonly<Spectrum>, lamp: Readonly<Spectrum>): Three =>
	SENSORS.map((sensor) =>
		sensor.reduce((sum, s, i) => sum + s * surface[i]! * lamp[i]!, 0)
	) as never;
const flat = (reflects: number): Spectrum => spectrum(() => reflects);

/** A grey of even reflectance. */
export const grey = flat;
/** A surface of hair. */
export const hairOf = ({ eumelanin, pheomelanin }: Pigment, dye?: Readonly<Spectrum>): Spectrum =>
	reflectance(absorbance(eumelanin, pheomelanin, dye, emptySpectrum()));

const linearOfXyz = (x: number, y: number, z: number): Three => [
	3.2404542 * x - 1.5371385 * y - 0.4985314 * z,
	-0.969266 * x + 1.8760108 * y + 0.041556 * z,
	0.0556434 * x - 0.2040259 * y + 1.0572252 * z
];
const encoded = (x: number) => {
	const c = Math.min(1, Math.max(0, x));
	return c <= 0.0031308 ? 12.92 * c : 1.055 * c ** (1 / 2.4) - 0.055;
};
const lobe = (nm: number, mean: number, below: number, above: number) =>
	Math.exp(-0.5 * ((nm - mean) / (nm < mean ? below : above)) ** 2);
const observer = (nm: number): Three => [
	1.056 * lobe(nm, 599.8, 37.9, 31) +
		0.362 * lobe(nm, 442, 16, 26.7) -
		0.065 * lobe(nm, 501.1, 20.4, 26.2),
	0.821 * lobe(nm, 568.8, 46.9, 40.5) + 0.286 * lobe(nm, 530.9, 16.3, 31.1),
	1.217 * lobe(nm, 437, 11.8, 36) + 0.681 * lobe(nm, 459, 26, 13.8)
];
/** Linear sRGB of a surface in daylight, as the standard defines it. */
function trueLinear(surface: Readonly<Spectrum>): Three {
	const sums = [0, 0, 0];
	let white = 0;
	WAVELENGTHS.forEach((nm, i) => {
		const weights = observer(nm);
		white += weights[1] * D65[i]!;
		weights.forEach((w, k) => (sums[k]! += w * D65[i]! * surface[i]!));
	});
	return linearOfXyz(sums[0]! / white, sums[1]! / white, sums[2]! / white);
}

/** The camera's matrix: least squares over plain surfaces in daylight, as its maker fits it. */
const MATRIX: readonly Three[] = (() => {
	const surfaces: Spectrum[] = [flat(0.9), flat(0.18), flat(0.05)];
	for (const mean of [430, 470, 510, 550, 590, 630, 670]) {
		surfaces.push(spectrum((nm) => 0.08 + 0.7 * bell(nm, mean, 50)));
		surfaces.push(spectrum((nm) => 0.1 + 0.6 / (1 + Math.exp(-(nm - mean) / 18))));
	}
	const white = raw(flat(1), LAMPS.daylight);
	const rows = surfaces.map((s) => raw(s, LAMPS.daylight).map((v, c) => v / white[c]!));
	const asked = surfaces.map(trueLinear);
	return [0, 1, 2].map((c) => {
		const a = [0, 1, 2].map((i) =>
			[0, 1, 2].map((j) => rows.reduce((sum, row) => sum + row[i]! * row[j]!, 0))
		);
		const b = [0, 1, 2].map((i) => rows.reduce((sum, row, k) => sum + row[i]! * asked[k]![c]!, 0));
		const det = (m: number[][]) =>
			m[0]![0]! * (m[1]![1]! * m[2]![2]! - m[1]![2]! * m[2]![1]!) -
			m[0]![1]! * (m[1]![0]! * m[2]![2]! - m[1]![2]! * m[2]![0]!) +
			m[0]![2]! * (m[1]![0]! * m[2]![1]! - m[1]![1]! * m[2]![0]!);
		const whole = det(a);
		return [0, 1, 2].map(
			(k) => det(a.map((row, i) => row.map((v, j) => (j === k ? b[i]! : v)))) / whole
		) as never;
	});
})();

/** How a scene is taken. */
export interface Scene {
	readonly lamp: LampName;
	readonly curve: CurveName;
	/** Share of the lamp's colour that the camera's white balance takes out, 0-1. */
	readonly balance: number;
	/** Light of a white surface against the brightest that is recorded. */
	readonly exposure: number;
	/** Light that glares over all of the picture, as a share of white. */
	readonly glare: number;
	readonly noise: number;
	readonly seed: number;
}
export const DAYLIGHT_SCENE: Scene = {
	lamp: 'daylight',
	curve: 'plain',
	balance: 0.6,
	exposure: 0.85,
	glare: 0,
	noise: 0.03,
	seed: 1
};

/** Random numbers 0-1 of a seed. */
export function numbers(seed: number): () => number {
	const random = xoroshiro128plus(seed);
	return () => uniformFloat32(random);
}
/** A normal deviate, near enough: the sum of twelve. */
const normal = (next: () => number) => {
	let sum = -6;
	for (let i = 0; i < 12; i++) sum += next();
	return sum;
};

/**
 * A patch of a surface in a scene.
 * @param hair whether it is hair, with glints and shadow between its strands
 */
export function patchOf(
	surface: Readonly<Spectrum>,
	scene: Scene,
	hair = false,
	pixels = 1600
): { readonly pixels: Uint8ClampedArray } {
	const lamp = LAMPS[scene.lamp];
	const white = raw(flat(1), lamp);
	const day = raw(flat(1), LAMPS.daylight);
	const next = numbers(scene.seed * 7919 + Math.round(1e5 * surface[15]!) + 1);
	// Left of the lamp: what the white balance did not find. Green stays, as cameras hold it.
	const cast = white.map((v, c) => Math.pow(v / day[c]! / (white[1] / day[1]), 1 - scene.balance));
	const colour = raw(surface, lamp).map((v, c) => (v / white[c]!) * cast[c]!);
	const glare = cast.map((v) => scene.glare * v);
	const light = [0, 0, 0];
	const tone = CURVES[scene.curve];
	const data = new Uint8ClampedArray(4 * pixels);
	for (let i = 0; i < pixels; i++) {
		const u = next();
		const shade = !hair
			? 1
			: u < 0.07
				? 1.5 + 1.2 * next()
				: u < 0.25
					? 0.3 + 0.4 * next()
					: 1 + 0.08 * normal(next);
		for (let c = 0; c < 3; c++) {
			const glaring = colour[c]! * shade + glare[c]!;
			light[c] =
				scene.exposure * glaring * (1 + scene.noise * normal(next)) + 0.0015 * normal(next);
		}
		for (let c = 0; c < 3; c++) {
			const row = MATRIX[c]!;
			const linear = row[0] * light[0]! + row[1] * light[1]! + row[2] * light[2]!;
			data[4 * i + c] = 255 * encoded(tone(Math.min(1, Math.max(0, linear))));
		}
		data[4 * i + 3] = 255;
	}
	return { pixels: data };
}

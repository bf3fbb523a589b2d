import { TRISTIMULUS_WEIGHTS } from './observer';
import type { Spectrum } from './spectrum';

/** CIELAB under D65 and the 2° observer: `l` 0-100, `a` and `b` about -100 to 100. */
export interface Lab {
	readonly l: number;
	readonly a: number;
	readonly b: number;
}

const DELTA = 6 / 29;
const f = (t: number): number =>
	t > DELTA * DELTA * DELTA ? Math.cbrt(t) : t / (3 * DELTA * DELTA) + 4 / 29;

const weigh = (reflectance: Readonly<Spectrum>, row: Float64Array): number => {
	let sum = 0;
	for (let i = 0; i < row.length; i++) sum += reflectance[i]! * row[i]!;
	return sum;
};

/** X/Xn, Y/Yn and Z/Zn: each is 1 for the perfect diffuser. */
export interface Tristimulus {
	x: number;
	y: number;
	z: number;
}

/** CIELAB of X/Xn, Y/Yn and Z/Zn (CIE 15:2018, section 8.2.1). */
export function labOfTristimulus({ x, y, z }: Readonly<Tristimulus>): Lab {
	const fx = f(x);
	const fy = f(y);
	const fz = f(z);
	return { l: 116 * fy - 16, a: 500 * (fx - fy), b: 200 * (fy - fz) };
}

/** CIELAB of a reflectance. */
export const labOf = (reflectance: Readonly<Spectrum>): Lab =>
	labOfTristimulus({
		x: weigh(reflectance, TRISTIMULUS_WEIGHTS[0]),
		y: weigh(reflectance, TRISTIMULUS_WEIGHTS[1]),
		z: weigh(reflectance, TRISTIMULUS_WEIGHTS[2])
	});

/** White of D65 for the primaries of sRGB, Y = 1. */
const SRGB_WHITE = { x: 0.95047, z: 1.08883 } as const;

/** X/Xn, Y/Yn, Z/Zn of linear sRGB light, each channel 0-1 or beyond (IEC 61966-2-1). */
export const tristimulusOfLinear = (r: number, g: number, b: number): Tristimulus => ({
	x: (0.4124564 * r + 0.3575761 * g + 0.1804375 * b) / SRGB_WHITE.x,
	y: 0.2126729 * r + 0.7151522 * g + 0.072175 * b,
	z: (0.0193339 * r + 0.119192 * g + 0.9503041 * b) / SRGB_WHITE.z
});

const fInverse = (t: number): number => (t > DELTA ? t * t * t : 3 * DELTA * DELTA * (t - 4 / 29));

/** X/Xn, Y/Yn, Z/Zn of CIELAB: the inverse of {@link labOfTristimulus}. */
export function tristimulusOfLab({ l, a, b }: Lab): Tristimulus {
	const fy = (l + 16) / 116;
	return { x: fInverse(fy + a / 500), y: fInverse(fy), z: fInverse(fy - b / 200) };
}

/** Chroma C*, ≥ 0. */
export const chromaOf = ({ a, b }: Lab): number => Math.hypot(a, b);

/** Hue angle in degrees, 0-360; 0 for a colour without chroma. */
export function hueOf({ a, b }: Lab): number {
	const degrees = (Math.atan2(b, a) * 180) / Math.PI;
	return degrees < 0 ? degrees + 360 : degrees;
}

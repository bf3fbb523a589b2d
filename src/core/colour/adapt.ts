import type { Tristimulus } from './lab';

/** Sharpened cone responses of a colour to long, middle and short waves. */
export type Cones = readonly [number, number, number];

/**
 * Bradford's matrix from XYZ (white of D65, Y = 1) to sharpened cone responses, in which one gain each
 * takes a lamp out. Source: K. Lam, thesis, University of Bradford, 1985; as in ICC.1:2022, annex E.
 */
const BRADFORD = [
	[0.8951, 0.2664, -0.1614],
	[-0.7502, 1.7135, 0.0367],
	[0.0389, -0.0685, 1.0296]
] as const;
const INVERSE = [
	[0.9869929, -0.1470543, 0.1599627],
	[0.4323053, 0.5183603, 0.0492912],
	[-0.0085287, 0.0400428, 0.9684867]
] as const;
/** White of D65, 2° observer, Y = 1. */
const WHITE = { x: 0.95047, z: 1.08883 } as const;

const times = (
	m: readonly (readonly [number, number, number])[],
	x: number,
	y: number,
	z: number
): Cones => [
	m[0]![0] * x + m[0]![1] * y + m[0]![2] * z,
	m[1]![0] * x + m[1]![1] * y + m[1]![2] * z,
	m[2]![0] * x + m[2]![1] * y + m[2]![2] * z
];

/** Sharpened cone responses of X/Xn, Y/Yn, Z/Zn under D65. */
export const conesOf = ({ x, y, z }: Readonly<Tristimulus>): Cones =>
	times(BRADFORD, x * WHITE.x, y, z * WHITE.z);

/** X/Xn, Y/Yn, Z/Zn of cone responses: the inverse of {@link conesOf}. */
export function tristimulusOfCones([l, m, s]: Cones): Tristimulus {
	const [x, y, z] = times(INVERSE, l, m, s);
	return { x: x / WHITE.x, y, z: z / WHITE.z };
}

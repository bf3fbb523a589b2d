import {
	conesOf,
	labOfTristimulus,
	tristimulusOfCones,
	tristimulusOfLinear,
	type Cones,
	type Lab,
	type Tristimulus
} from '../colour';
import { leastSquares } from '../numeric';
import { LEFT, PHONE } from './constants';
import type { Light } from './patch';

/** A surface in the picture whose colour is known. */
export interface Known {
	/** As recorded. */
	readonly light: Light;
	/** As it is, under D65. */
	readonly truth: Tristimulus;
	/** Standard deviation of the logarithm of that. */
	readonly sd: number;
}

/** Lamp, light and camera of one picture, as its known surfaces tell them. */
export interface Scene {
	/** Colour under D65 of what was recorded. */
	labOf(light: Light): Lab;
	/** Strongest gain over the weakest that takes the lamp out: 1 for daylight. */
	readonly cast: number;
	/**
	 * Colours of the same light had the curve, the strength of the light or what is known of the
	 * surfaces been one standard deviation off: how sure a colour is.
	 */
	labsAround(light: Light): readonly Lab[];
	/** How far the known surfaces lie from where the scene puts them, natural logarithm of their light. */
	readonly misfit: number;
}

/** Slope and bend of the curve that turns what was recorded into light. */
type Curve = readonly [slope: number, bend: number];

/** Nothing darker is told apart from black. */
const BLACK = 1e-4;

/** Light behind what was recorded, about a pivot that stays as it is. */
const unbent = (light: Light, pivot: number, [slope, bend]: Curve): Light =>
	light.map((v) => {
		const x = Math.log(Math.max(v, BLACK) / pivot);
		// A bend must not turn the curve back on itself.
		const steepness = Math.max(0.3, slope + bend * x);
		return pivot * Math.exp(steepness * x);
	}) as unknown as Light;

const seen = (light: Light, pivot: number, curve: Curve): Cones =>
	conesOf(tristimulusOfLinear(...unbent(light, pivot, curve))).map((v) =>
		Math.max(v, BLACK)
	) as unknown as Cones;

/** Logarithms of what is missing from the cones that are seen to those that should be. */
const missing = ({ light, truth }: Known, pivot: number, curve: Curve): Cones => {
	const is = conesOf(truth);
	return seen(light, pivot, curve).map((v, k) =>
		Math.log(Math.max(is[k]!, BLACK) / v)
	) as unknown as Cones;
};

const sum = (values: readonly number[]): number => values.reduce((total, v) => total + v, 0);

/** Gains of the three cones, as logarithms: weighted means over the known surfaces. */
function gainsAt(known: readonly Known[], pivot: number, curve: Curve): Cones {
	if (known.length === 0) return [0, 0, 0];
	const weights = known.map(({ sd }) => 1 / (sd * sd));
	const whole = sum(weights);
	const rows = known.map((one) => missing(one, pivot, curve));
	return [0, 1, 2].map((k) =>
		sum(rows.map((row, i) => (weights[i]! / whole) * row[k]!))
	) as unknown as Cones;
}

/**
 * Finds lamp, light and camera of a picture by least squares: one gain for each sharpened cone
 * (Bradford's adaptation), and slope and bend of the camera's curve, held near those of phones as far as
 * the known surfaces leave them open.
 * @param known grey, white and black surfaces, swatches of known colour; none leaves all but the curve
 */
export function sceneOf(known: readonly Known[]): Scene {
	const pivot =
		known.length > 0
			? Math.exp(sum(known.map(({ light }) => Math.log(Math.max(light[1], BLACK)))) / known.length)
			: 0.2;
	const residuals = ([slope, lifted]: readonly [number, number]): number[] => {
		const curve: Curve = [slope, lifted - 1];
		const gains = gainsAt(known, pivot, curve);
		const off = known.flatMap((one) =>
			// Three cones of one surface share its error: together they weigh as one.
			missing(one, pivot, curve).map((v, k) => (v - gains[k]!) / one.sd / Math.sqrt(3))
		);
		return [
			...off,
			(slope - PHONE.slope.mean) / PHONE.slope.sd,
			(curve[1] - PHONE.bend.mean) / PHONE.bend.sd
		];
	};
	// `leastSquares` holds its unknowns at 0 or more: the bend is told from -1.
	const { at } = leastSquares(residuals, [PHONE.slope.mean, 1 + PHONE.bend.mean]);
	const curve: Curve = [at[0], at[1] - 1];
	const gains = gainsAt(known, pivot, curve);
	const labWith = (light: Light, by: Curve, gain: Cones): Lab =>
		labOfTristimulus(
			tristimulusOfCones(
				seen(light, pivot, by).map((v, k) => v * Math.exp(gain[k]!)) as unknown as Cones
			)
		);
	const spread = principalAxes(residuals, at);
	const strength =
		known.length > 0 ? 1 / Math.sqrt(sum(known.map(({ sd }) => 1 / (sd * sd)))) : LEFT.unknownLight;
	return {
		labOf: (light) => labWith(light, curve, gains),
		cast: Math.exp(Math.max(...gains) - Math.min(...gains)),
		labsAround: (light) => [
			...spread.map(([slope, bend]) => {
				const other: Curve = [curve[0] + slope, curve[1] + bend];
				return labWith(light, other, gainsAt(known, pivot, other));
			}),
			labWith(light, curve, gains.map((gain) => gain + strength) as unknown as Cones)
		],
		misfit: Math.max(
			0,
			...known.map((one) =>
				Math.abs(sum(missing(one, pivot, curve).map((v, k) => v - gains[k]!)) / 3)
			)
		)
	};
}

/** Two steps of one standard deviation along which slope and bend may be off together. */
function principalAxes(
	residuals: (at: readonly [number, number]) => readonly number[],
	at: readonly [number, number]
): readonly Curve[] {
	const STEP = 1e-3;
	const here = residuals(at);
	const slopes = [0, 1].map((i) =>
		residuals([at[0] + (i === 0 ? STEP : 0), at[1] + (i === 1 ? STEP : 0)]).map(
			(v, k) => (v - here[k]!) / STEP
		)
	);
	const dot = (i: number, j: number) => sum(slopes[i]!.map((v, k) => v * slopes[j]![k]!));
	const [a, b, c] = [dot(0, 0), dot(0, 1), dot(1, 1)];
	// Cholesky of the inverse: its columns are independent steps of one standard deviation.
	const determinant = Math.max(a * c - b * b, 1e-12);
	const first = Math.sqrt(c / determinant);
	const mixed = -b / determinant / first;
	return [
		[first, mixed],
		[0, Math.sqrt(Math.max(0, a / determinant - mixed * mixed))]
	];
}

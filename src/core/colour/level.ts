import { bisect } from '../numeric';
import { DEPTH, NEUTRAL_WARMTH } from './constants';
import { labOfTristimulus, type Lab } from './lab';
import { ladderInUse } from './ladder';
import { tristimulusOf } from './reflectance';

const AXIS = (DEPTH.warmthHueDegrees * Math.PI) / 180;
const ALONG_A = Math.cos(AXIS);
const ALONG_B = Math.sin(AXIS);

/** Warmth of a colour, `a*·cos 70° + b*·sin 70°`: positive for red, orange and yellow. */
export const warmthOf = (a: number, b: number): number => a * ALONG_A + b * ALONG_B;

/** Neutral natural hair from black to bare keratin: L* and warmth, darkest first. */
const NEUTRAL_PATH = { darkest: 64, lightest: 0.004, points: 480 } as const;
/** Spacing of the table, L*. Between two entries the warmth is straight to within 0.01. */
const STEP = 0.25;
let neutral: Float64Array | undefined;

/** {@link neutralWarmth} of every quarter of an L*, 0-100. */
function neutralTable(): Float64Array {
	const { darkest, lightest, points } = NEUTRAL_PATH;
	const amounts = Array.from(
		{ length: points },
		(_, i) => darkest * Math.pow(lightest / darkest, i / (points - 1))
	);
	const path = [...amounts, 0].map((amount) => {
		const { l, a, b } = labOfTristimulus(tristimulusOf(amount, NEUTRAL_WARMTH * amount));
		return { l, warmth: warmthOf(a, b) };
	});
	let at = 0;
	return Float64Array.from({ length: 100 / STEP + 2 }, (_, i) => {
		const l = i * STEP;
		while (at < path.length - 2 && path[at + 1]!.l < l) at++;
		const low = path[at]!;
		const high = path[at + 1]!;
		const share = Math.min(1, Math.max(0, (l - low.l) / (high.l - low.l)));
		return low.warmth + share * (high.warmth - low.warmth);
	});
}

/** `w_nat(L*)`: warmth of neutral natural hair of a lightness, 0-100; past either end, that end's. */
export function neutralWarmth(lightness: number): number {
	neutral ??= neutralTable();
	const at = Math.min(Math.max(lightness, 0), 100) / STEP;
	const i = Math.floor(at);
	const low = neutral[i]!;
	return low + (neutral[i + 1]! - low) * (at - i);
}

/**
 * Depth of a colour: its lightness without its warmth,
 * `L_depth = L* - 0.45·max(0, w - w_nat(L*))`. A colourist who calls lightened hair a 9 means that it will
 * be a 9 once its brass is taken; toning costs light, so raw 9 is lighter than natural 9.
 * @returns in units of L*
 */
export const depthOf = ({ l, a, b }: Lab): number =>
	l - DEPTH.perUnit * Math.max(0, warmthOf(a, b) - neutralWarmth(l));

/** L* at which a colour with this a* and b* has a depth: the inverse of {@link depthOf}. */
export function lightnessOfDepth(depth: number, a: number, b: number): number {
	const warmth = warmthOf(a, b);
	// Depth rises all along with lightness: halving finds the one place.
	const deepEnough = (l: number) =>
		l - DEPTH.perUnit * Math.max(0, warmth - neutralWarmth(l)) >= depth;
	return bisect(deepEnough, depth, depth + DEPTH.perUnit * Math.max(0, warmth), 1e-9);
}

/**
 * Level of a colour by its {@link depthOf depth}, linear between the rungs of the ladder and
 * extrapolated beyond them.
 * @param ladder depths of levels 1, 2, 3 …, rising; the one in use unless another is asked for
 */
export const levelOf = (lab: Lab, ladder: readonly number[] = ladderInUse()): number =>
	levelOfDepth(depthOf(lab), ladder);

/** Level of a depth; see {@link levelOf}. */
export function levelOfDepth(depth: number, ladder: readonly number[] = ladderInUse()): number {
	let i = 1;
	while (i < ladder.length - 1 && depth > ladder[i]!) i++;
	const low = ladder[i - 1]!;
	return i + (depth - low) / (ladder[i]! - low);
}

/** Depth of a level, in units of L*: the inverse of {@link levelOfDepth}. */
export function depthOfLevel(level: number, ladder: readonly number[] = ladderInUse()): number {
	const i = Math.min(Math.max(Math.floor(level), 1), ladder.length - 1);
	const low = ladder[i - 1]!;
	return low + (level - i) * (ladder[i]! - low);
}

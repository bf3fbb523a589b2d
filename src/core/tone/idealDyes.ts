import type { Lab } from '../colour';
import { addDyes, DYE_NAMES, type DyeAmounts, type DyeName } from './dyes';
import { rawLab, type RawHair } from './preview';

/** Rounds of linearising; the map from dye to Lab is smooth, so a few are enough. */
const ROUNDS = 8;
/** Sweeps over the dyes in each round. */
const SWEEPS = 40;
/** Dye amount that the slope is measured over, absorbance. */
const STEP = 0.01;
/** A little cost on amount, so that of two ways the sheerer one is taken (Lab units per absorbance). */
const SHEER = 0.02;

const vector = ({ l, a, b }: Lab) => [l, a, b] as const;

/**
 * The dyes, whatever tube they come from, that bring hair nearest to a colour. Gauss-Newton on L*, a*,
 * b* with amounts held at zero or above: what asks for lighter hair than there is stays unmet.
 */
export function idealDyes(raw: RawHair, target: Lab): DyeAmounts {
	const wanted = vector(target);
	let amounts: Record<DyeName, number> = {
		brown: 0,
		violet: 0,
		blue: 0,
		green: 0,
		red: 0,
		orange: 0,
		yellow: 0
	};
	const seen = (dyes: DyeAmounts) =>
		vector(
			rawLab({
				...raw,
				dye: addDyes(raw.dye ?? {}, dyes),
				dyeOnWhite: addDyes(raw.dyeOnWhite ?? raw.dye ?? {}, dyes)
			})
		);
	let miss = distance(seen(amounts), wanted);
	for (let round = 0; round < ROUNDS; round++) {
		const at = seen(amounts);
		const slopes = DYE_NAMES.map((name) => {
			const beside = seen({ ...amounts, [name]: amounts[name] + STEP });
			return beside.map((value, i) => (value - at[i]!) / STEP);
		});
		const next = nonNegative(
			amounts,
			slopes,
			wanted.map((value, i) => value - at[i]!)
		);
		const nextMiss = distance(seen(next), wanted);
		if (nextMiss >= miss - 1e-4) break;
		amounts = next;
		miss = nextMiss;
	}
	return Object.fromEntries(
		DYE_NAMES.filter((name) => amounts[name] > 1e-4).map((name) => [name, amounts[name]])
	);
}

const distance = (one: readonly number[], other: readonly number[]): number =>
	Math.hypot(...one.map((value, i) => value - other[i]!));

/** Least squares with amounts ≥ 0, by going round the dyes. */
function nonNegative(
	from: Readonly<Record<DyeName, number>>,
	slopes: readonly (readonly number[])[],
	gap: readonly number[]
): Record<DyeName, number> {
	const amounts = { ...from };
	const left = [...gap];
	for (let sweep = 0; sweep < SWEEPS; sweep++) {
		DYE_NAMES.forEach((name, d) => {
			const slope = slopes[d]!;
			const along = slope.reduce((sum, s, i) => sum + s * left[i]!, 0) - SHEER;
			const steep = slope.reduce((sum, s) => sum + s * s, 0);
			if (steep < 1e-9) return;
			const change = Math.max(-amounts[name], along / steep);
			amounts[name] += change;
			slope.forEach((s, i) => (left[i]! -= s * change));
		});
	}
	return amounts;
}

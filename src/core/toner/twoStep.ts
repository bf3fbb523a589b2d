import { deltaE, type Lab } from '../colour';
import {
	addDyes,
	previewTone,
	rawLab,
	tubeDyes,
	type DepositConditions,
	type DyeAmounts,
	type FormulaPart,
	type RawHair
} from '../tone';
import type { Steps } from '../steps';
import type { ShelfShade, ToneProblem } from './search';
import { solveTone, type ToneFormula } from './solve';

/** Two toners, one after the other with a rinse between. */
export interface TwoStepTone {
	/** Takes down what is left of yellow-orange. */
	readonly first: ToneFormula;
	/** The colour between the two. */
	readonly between: Lab;
	/** The finish, and the hold. */
	readonly second: ToneFormula;
	readonly deltaE: number;
}

/** Strengths at which the first toner is tried, as shares of its bowl; the rest is clear. */
const TRIED = [0.15, 0.3, 0.5, 0.75, 1] as const;
/** First toners tried: the ones that lie best between blue and violet. */
const MOST_FIRST = 6;

/** How blue and violet together a shade is, 0-1: 1 for nothing but the two in like parts. */
function blueViolet(shade: ShelfShade): number {
	const dyes = tubeDyes(shade, shade.vehicle);
	const of = (name: keyof DyeAmounts) => dyes[name] ?? 0;
	const all = Object.values(dyes).reduce((sum, amount) => sum + amount, 0);
	if (all <= 0) return 0;
	return (2 * Math.min(of('blue'), of('violet')) + 0.5 * Math.abs(of('blue') - of('violet'))) / all;
}

const violetFirst = (shade: ShelfShade): boolean => {
	const dyes = tubeDyes(shade, shade.vehicle);
	const violet = dyes.violet ?? 0;
	return violet > 0 && violet >= Math.max(dyes.blue ?? 0, dyes.green ?? 0, dyes.red ?? 0);
};

/** Hair after a toner, as the next one finds it. */
export function rinsed(
	raw: RawHair,
	parts: readonly FormulaPart[],
	conditions: DepositConditions
): RawHair {
	const { dyes, dyesOnWhite } = previewTone(raw, parts, conditions);
	return {
		...raw,
		dye: addDyes(raw.dye ?? {}, dyes),
		dyeOnWhite: addDyes(raw.dyeOnWhite ?? raw.dye ?? {}, dyesOnWhite)
	};
}

/**
 * Two-step toning for the palest results: blue-violet first for what remains of yellow-orange, rinsed,
 * then violet for the finish. The first is tried at several strengths, the second searched for each.
 * @param problem one toner's own question: both steps are mixed alike
 * @returns the pair that ends nearest, or nothing when a shelf has no shade for one of the steps
 */
export function* solveTwoStepSteps(problem: ToneProblem): Steps<TwoStepTone | undefined> {
	const { raw, target, shelf, conditions, totalGrams } = problem;
	const alone = { target, conditions, totalGrams, most: 1, maxShades: 1 };
	const firsts = shelf
		.filter((shade) => shade.vehicle === conditions.vehicle)
		.map((shade) => ({ shade, fit: blueViolet(shade) }))
		.filter(({ fit }) => fit > 0.1)
		.sort((p, q) => q.fit - p.fit)
		.slice(0, MOST_FIRST);
	const violets = shelf.filter(violetFirst);
	const seconds = violets.length > 0 ? violets : shelf;
	let best: { first: FormulaPart[]; shade: ShelfShade; second: ToneFormula } | undefined;
	for (const [i, { shade }] of firsts.entries()) {
		for (const share of TRIED) {
			const grams = Math.max(1, Math.round(share * totalGrams));
			const clear: FormulaPart[] =
				grams < totalGrams ? [{ clear: true, grams: totalGrams - grams }] : [];
			const first: FormulaPart[] = [{ ...shade, grams }, ...clear];
			const between = rinsed(raw, first, conditions);
			const second = solveTone({ ...alone, shelf: seconds, raw: between })[0];
			if (second?.parts.length && (!best || second.score < best.second.score)) {
				best = { first, shade, second };
			}
		}
		yield (i + 1) / firsts.length;
	}
	if (!best) return undefined;
	const betweenLab = rawLab(rinsed(raw, best.first, conditions));
	// The first toner described as any formula is: searched for on its own way-point.
	const described = solveTone({ ...alone, shelf: [best.shade], raw, target: betweenLab })[0];
	if (!described || described.parts.length === 0) return undefined;
	return {
		first: described,
		between: described.lab,
		second: best.second,
		deltaE: deltaE(best.second.lab, target)
	};
}

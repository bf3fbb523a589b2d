import { chromaOf, deltaE, depthOf, levelOf, lightnessOfDepth, type Lab } from '../colour';
import { labOfPigment, naturalPigment } from '../hair';
import { finish, type Steps } from '../steps';
import {
	addDyes,
	DYE_NAMES,
	isClear,
	namedTones,
	previewTone,
	rawLab,
	type DyeAmounts,
	type DyeName,
	type FormulaPart,
	type ToneWarning,
	type Vehicle
} from '../tone';
import { ALREADY_THERE, CLOSE_ENOUGH, MORE_LIFT_FROM, WORTHWHILE } from './constants';
import { bestMixes, type Found } from './optimise';
import { Search, sumOf, type ToneProblem } from './search';

/** Why a formula is proposed. */
export type ToneReason =
	| { readonly kind: 'alreadyThere' | 'asCloseAsItIs' | 'moreLift' }
	| {
			readonly kind: 'dyes';
			/** Its tones, most first, in percent; nothing for a natural shade. */
			readonly shares: readonly { readonly dye: DyeName; readonly percent: number }[];
			/** Percent of the chroma that it takes; below 0 it adds some. */
			readonly warmthTaken: number;
	  };

/** A formula found, with its prediction. */
export interface ToneFormula {
	/** Empty when no toner is needed. */
	readonly parts: readonly (FormulaPart & { readonly id?: string })[];
	readonly shadeIds: readonly string[];
	readonly minutes: number;
	readonly ratio: number;
	readonly developerGrams: number;
	readonly lab: Lab;
	readonly level: number;
	/** CIEDE2000 to the target. */
	readonly deltaE: number;
	/** ΔE with the penalties: what the formulas are ordered by. */
	readonly score: number;
	/** Whether it comes close enough to be called a match. */
	readonly close: boolean;
	readonly why: ToneReason;
	/** Set where the hair has to be lifted further for the aim, and this would serve until then. */
	readonly untilLifted?: boolean;
	/** Set where it takes nothing but tubes that are open. */
	readonly fromOpen?: boolean;
	/** Set where it was looked for to keep the depth that the hair has. */
	readonly keepsLevel?: boolean;
	readonly warnings: readonly ToneWarning[];
	/** The colour and the faults if it stays five minutes longer. */
	readonly ifLeftLonger: { readonly lab: Lab; readonly warnings: readonly ToneWarning[] };
}

/**
 * Finds formulas of one to three shades, a concentrate among them, thinned with clear, that bring the
 * hair closest to the target by CIEDE2000, in whole grams.
 * @returns the best few that differ, best first; empty when the shelf holds nothing of the vehicle
 * @throws {RangeError} when no weight is asked for
 */
export const solveTone = (problem: ToneProblem): ToneFormula[] => finish(solveToneSteps(problem));

/** {@link solveTone} in steps, for whoever must stay able to answer meanwhile. */
export function* solveToneSteps(problem: ToneProblem): Steps<ToneFormula[]> {
	if (!(problem.totalGrams >= 1)) throw new RangeError('totalGrams must be at least 1');
	const search = new Search(problem);
	const found = yield* bestMixes(search);
	found.sort((p, q) => p.score - q.score);

	const most = problem.most ?? 4;
	const before = rawLab(problem.raw);
	const untouched = deltaE(before, problem.target);
	const deeper = levelOf(problem.target) - levelOf(before) > MORE_LIFT_FROM;
	const worthwhile = found.filter(({ score }) => score < untouched - WORTHWHILE);
	const formulas = differing(search, worthwhile, most).map((one) => asFormula(search, one));
	if (search.candidates.length === 0) return [];
	if (deeper && !formulas.some(({ close }) => close)) {
		return [
			noToner(problem, before, untouched, 'moreLift'),
			...(yield* untilLifted(problem)),
			...formulas
		].slice(0, most);
	}
	// Bare hair is an answer where it is close or waits for more lift, and where nothing brings it closer.
	if (untouched <= CLOSE_ENOUGH || deeper || formulas.length === 0) {
		const why = untouched <= ALREADY_THERE ? 'alreadyThere' : 'asCloseAsItIs';
		formulas.push(noToner(problem, before, untouched, why));
	}
	return formulas.sort((p, q) => p.score - q.score).slice(0, most);
}

/** The toner that would serve hair that has to be lifted further. */
function* untilLifted(problem: ToneProblem): Steps<ToneFormula[]> {
	const formula = yield* keepsLevelSteps(problem);
	return formula ? [{ ...formula, untilLifted: true }] : [];
}

/**
 * The toner that leaves hair as deep as it is: the tone of the aim at the depth the hair has now, told with its
 * distance from the aim itself.
 * @returns nothing when the shelf holds nothing of the vehicle
 */
export function* keepsLevelSteps(problem: ToneProblem): Steps<ToneFormula | undefined> {
	const search = new Search({ ...problem, target: atDepthOf(rawLab(problem.raw), problem.target) });
	if (search.candidates.length === 0) return undefined;
	const found = yield* bestMixes(search);
	const best = found.reduce((p, q) => (q.score < p.score ? q : p));
	const formula = asFormula(search, best);
	const distance = deltaE(formula.lab, problem.target);
	return { ...formula, deltaE: distance, score: distance, close: distance <= CLOSE_ENOUGH };
}

/** The tone of a target, as it leans from natural hair, at the depth of other hair. */
function atDepthOf(hair: Lab, target: Lab): Lab {
	const naturalAt = (lab: Lab) => labOfPigment(naturalPigment(levelOf(lab), 'neutral'));
	const [there, here] = [naturalAt(target), naturalAt(hair)];
	const a = here.a + target.a - there.a;
	const b = here.b + target.b - there.b;
	return { l: lightnessOfDepth(depthOf(hair), a, b), a, b };
}

/** Two formulas of the same tones count as one unless their colours are this far apart (ΔE00). */
const DIFFERENT = 2;
/** A formula with more tubes must bring the colour at least this far from a simpler one (ΔE00). */
const WORTH_A_TUBE = 1;

/**
 * The best of a sorted list that are not variations of one another: other tones or another colour, and
 * no tube that changes next to nothing.
 */
function differing(search: Search, found: readonly Found[], most: number): Found[] {
	const total = search.problem.totalGrams;
	const chosen: { option: Found; tones: string; lab: Lab }[] = [];
	for (const option of found) {
		if (chosen.length >= most) break;
		if (!Number.isFinite(option.score)) continue;
		const tones = [...new Set(option.mix.flatMap(({ candidate }) => [...candidate.shade.tone]))]
			.sort()
			.join('');
		const lab = search.labAt(
			option.mix.map(({ candidate, grams }) => ({ candidate, x: grams / total }))
		);
		const alike = chosen.some((other) => {
			const apart = deltaE(other.lab, lab);
			const moreTubes = option.mix.length > other.option.mix.length;
			return (other.tones === tones && apart < DIFFERENT) || (moreTubes && apart < WORTH_A_TUBE);
		});
		if (!alike) chosen.push({ option, tones, lab });
	}
	return chosen.map(({ option }) => option);
}

function noToner(
	problem: ToneProblem,
	lab: Lab,
	distance: number,
	kind: 'alreadyThere' | 'asCloseAsItIs' | 'moreLift'
): ToneFormula {
	return {
		parts: [],
		shadeIds: [],
		minutes: 0,
		ratio: problem.conditions.ratio,
		developerGrams: 0,
		lab,
		level: levelOf(lab),
		deltaE: distance,
		score: distance,
		close: distance <= CLOSE_ENOUGH,
		why: { kind },
		warnings: [],
		ifLeftLonger: { lab, warnings: [] }
	};
}

function asFormula(search: Search, { mix, score }: Found): ToneFormula {
	const { problem } = search;
	const { raw, conditions, target, totalGrams } = problem;
	const clear = totalGrams - mix.reduce((sum, { grams }) => sum + grams, 0);
	const parts: (FormulaPart & { id?: string })[] = mix
		.map(({ candidate: { shade }, grams }) => ({ ...shade, grams }))
		.sort((p, q) => q.grams - p.grams);
	if (clear > 0) parts.push({ clear: true, grams: clear });
	const preview = previewTone(raw, parts, conditions);
	const later = previewTone(raw, parts, { ...conditions, minutes: conditions.minutes + 5 });
	const distance = deltaE(preview.lab, target);
	return {
		parts,
		shadeIds: parts.flatMap((part) => (isClear(part) ? [] : [part.id!])),
		minutes: conditions.minutes,
		ratio: conditions.ratio,
		developerGrams: conditions.vehicle === 'direct' ? 0 : Math.round(totalGrams * conditions.ratio),
		lab: preview.lab,
		level: preview.level,
		deltaE: distance,
		score,
		close: distance <= CLOSE_ENOUGH,
		why: whyItWorks(namedDyes(parts, conditions.vehicle), rawLab(raw), preview.lab),
		warnings: preview.warnings,
		ifLeftLonger: { lab: later.lab, warnings: later.warnings }
	};
}

/** The tones of a formula that a colourist would name, each by its weight. */
const namedDyes = (parts: readonly FormulaPart[], vehicle: Vehicle): DyeAmounts =>
	parts.reduce<DyeAmounts>(
		(sum, part) => (isClear(part) ? sum : addDyes(sum, namedTones(part, vehicle), part.grams)),
		{}
	);

/** Why a formula works: the share of each tone in it, and what it does to the warmth. */
function whyItWorks(dyes: DyeAmounts, before: Lab, after: Lab): ToneReason {
	const names = DYE_NAMES.filter((name) => (dyes[name] ?? 0) > 0);
	const total = sumOf(dyes, names);
	const shares = names
		.map((dye) => ({ dye, percent: Math.round((100 * (dyes[dye] ?? 0)) / total) }))
		.filter(({ percent }) => percent >= 5)
		.sort((p, q) => q.percent - p.percent);
	const warmthTaken = Math.round(100 * (1 - chromaOf(after) / Math.max(chromaOf(before), 1)));
	return { kind: 'dyes', shares, warmthTaken };
}

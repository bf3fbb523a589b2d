import { chromaOf, deltaE, levelOf, type Lab } from '../colour';
import { finish, type Steps } from '../steps';
import { ALREADY_THERE, CLOSE_ENOUGH, VEHICLES, WORTHWHILE } from './constants';
import type { Vehicle } from './deposit';
import { DYE_NAMES, type DyeAmounts } from './dyes';
import { isClear, type FormulaPart } from './formula';
import { bestMixes, type Found } from './optimise';
import { previewTone, rawLab, type ToneWarning } from './preview';
import { Search, sumOf, type ToneProblem } from './search';

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
	readonly why: string;
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

	const formulas: ToneFormula[] = [];
	const before = rawLab(problem.raw);
	const untouched = deltaE(before, problem.target);
	const worthwhile = found.filter(({ score }) => score < untouched - WORTHWHILE);
	for (const candidate of differing(search, worthwhile, problem.most ?? 4)) {
		formulas.push(asFormula(search, candidate));
	}
	// Bare hair is an answer where it is close, and the only one where nothing brings it closer.
	const bare = untouched <= CLOSE_ENOUGH || formulas.length === 0;
	if (bare && search.candidates.length > 0) {
		formulas.push(noToner(problem, before, untouched));
	}
	return formulas.sort((p, q) => p.score - q.score).slice(0, problem.most ?? 4);
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

function noToner(problem: ToneProblem, lab: Lab, distance: number): ToneFormula {
	return {
		parts: [],
		shadeIds: [],
		minutes: 0,
		ratio: problem.conditions.ratio,
		developerGrams: 0,
		lab,
		level: levelOf(lab.l),
		deltaE: distance,
		score: distance,
		close: distance <= CLOSE_ENOUGH,
		why:
			distance <= ALREADY_THERE
				? 'The hair is already there: no toner needed.'
				: 'As it is, the hair is about as close as this line can bring it.',
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
		why: whyItWorks(preview.dyes, rawLab(raw), preview.lab),
		warnings: preview.warnings,
		ifLeftLonger: { lab: later.lab, warnings: later.warnings }
	};
}

/** Why a formula works: the share of each dye in what it leaves, and what it does to the warmth. */
function whyItWorks(dyes: DyeAmounts, before: Lab, after: Lab): string {
	const names = DYE_NAMES.filter((name) => name !== 'brown' && (dyes[name] ?? 0) > 0);
	const total = sumOf(dyes, names);
	const change = Math.round(100 * (1 - chromaOf(after) / Math.max(chromaOf(before), 1)));
	const effect =
		change >= 0 ? `takes ${change} % of the warmth` : `adds ${-change} % to the warmth`;
	if (total <= 0 || names.length === 0) return `Natural base: deepens and ${effect}.`;
	const shares = names
		.map((name) => ({ name, share: Math.round((100 * (dyes[name] ?? 0)) / total) }))
		.filter(({ share }) => share >= 5)
		.sort((p, q) => q.share - p.share)
		.map(({ name, share }) => `${name} ${share} %`);
	return `Tone of ${shares.join(', ')}: ${effect}.`;
}

/** The customary minutes of a vehicle. */
export const usualMinutes = (vehicle: Vehicle): number => VEHICLES[vehicle].fullMinutes;

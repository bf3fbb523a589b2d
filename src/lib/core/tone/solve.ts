import {
	chromaOf,
	deltaE,
	labOf,
	levelOf,
	reflectance,
	emptySpectrum,
	mixWithWhite,
	SAMPLES,
	absorbance,
	undertoneOf,
	type Lab,
	type Spectrum,
	type UndertoneName
} from '../colour';
import { ALREADY_THERE, CLOSE_ENOUGH, PENALTY, VEHICLES, WHEEL, WORTHWHILE } from './constants';
import { dyeSpectrum, DYE_NAMES, type DyeAmounts } from './dyes';
import { depositShare, type DepositConditions, type Vehicle } from './deposit';
import { gripped, isClear, type FormulaPart } from './formula';
import { previewTone, rawLab, type RawHair, type ToneWarning } from './preview';
import type { Shade } from './tube';

/** A shade on the shelf. */
export interface ShelfShade extends Shade {
	readonly id: string;
	readonly vehicle: Vehicle;
}

/** What is asked of the search. */
export interface ToneProblem {
	readonly raw: RawHair;
	readonly target: Lab;
	/** Up to 200 shades; those of another vehicle are left out. */
	readonly shelf: readonly ShelfShade[];
	readonly conditions: DepositConditions;
	/** Grams of colour wanted, developer not counted; whole, > 0. */
	readonly totalGrams: number;
	/** Most shades in one formula, clear not counted: 1 or 2. */
	readonly maxShades?: number | undefined;
	/** How many formulas to return. */
	readonly most?: number | undefined;
}

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

/** A shade made ready for the search: its absorbance at full strength on this hair. */
interface Candidate {
	readonly shade: ShelfShade;
	readonly onPigmented: Spectrum;
	readonly onWhite: Spectrum;
	readonly warmShare: number;
	readonly tone: number;
	/** Steps on the wheel between its cool dyes and the undertone, past the free ones; a mean. */
	readonly offTheWheel: number;
}

const WARM = ['red', 'orange', 'yellow'] as const;
const COOL = ['violet', 'blue', 'green'] as const;
const sumOf = (dyes: DyeAmounts, names: readonly (keyof DyeAmounts)[]): number =>
	names.reduce((sum, name) => sum + (dyes[name] ?? 0), 0);

/**
 * How far a tube's cool dyes stand from the opposite of the undertone. The nearest colour alone would
 * take green against yellow, because it darkens least; nobody at a chair would.
 */
function offTheWheel(dyes: DyeAmounts, undertone: UndertoneName): number {
	if (!(undertone in WHEEL.undertone)) return 0;
	const here = WHEEL.undertone[undertone as keyof typeof WHEEL.undertone];
	const total = sumOf(dyes, COOL) + sumOf(dyes, WARM);
	if (total <= 0) return 0;
	return COOL.reduce((sum, dye) => {
		const steps = Math.max(0, Math.abs(WHEEL.dye[dye] - here) - PENALTY.freeSteps);
		return sum + (steps * (dyes[dye] ?? 0)) / total;
	}, 0);
}

/** The hair, the target and the work space of one search. */
class Search {
	private readonly pigmented: Spectrum;
	private readonly white: Spectrum;
	private readonly whiteShare: number;
	private readonly a = emptySpectrum();
	private readonly r = emptySpectrum();
	private readonly w = emptySpectrum();
	readonly candidates: readonly Candidate[];
	readonly targetLevel: number;

	constructor(readonly problem: ToneProblem) {
		const { raw, conditions, shelf } = problem;
		const there = raw.dye ? dyeSpectrum(raw.dye) : undefined;
		this.pigmented = absorbance(raw.pigment.eumelanin, raw.pigment.pheomelanin, there);
		this.white = absorbance(0, 0, there);
		this.whiteShare = raw.whiteShare ?? 0;
		this.targetLevel = levelOf(problem.target.l);
		const share = depositShare(conditions);
		const undertone = undertoneOf(rawLab(raw)).name;
		this.candidates = shelf
			.filter((shade) => shade.vehicle === conditions.vehicle)
			.map((shade) => {
				const dyes = gripped(shade, raw.pigment, conditions.vehicle);
				const bare = gripped(shade, { eumelanin: 0, pheomelanin: 0 }, conditions.vehicle);
				const scale = (spectrum: Spectrum) => spectrum.map((value) => value * share);
				const warm = sumOf(dyes, WARM);
				const tone = warm + sumOf(dyes, COOL);
				return {
					shade,
					onPigmented: scale(dyeSpectrum(dyes)),
					onWhite: scale(dyeSpectrum(bare)),
					warmShare: tone > 0 ? warm / tone : 0,
					tone,
					offTheWheel: offTheWheel(dyes, undertone)
				};
			});
	}

	/** Colour with these strengths (shares of the whole formula) of these candidates. */
	labAt(mix: readonly { candidate: Candidate; x: number }[]): Lab {
		const fill = (from: Spectrum, key: 'onPigmented' | 'onWhite') => {
			this.a.set(from);
			for (const { candidate, x } of mix) {
				const dye = candidate[key];
				for (let i = 0; i < SAMPLES; i++) this.a[i]! += x * dye[i]!;
			}
		};
		fill(this.pigmented, 'onPigmented');
		reflectance(this.a, this.r);
		if (this.whiteShare <= 0) return labOf(this.r);
		fill(this.white, 'onWhite');
		reflectance(this.a, this.w);
		return labOf(mixWithWhite(this.r, this.w, this.whiteShare, this.r));
	}

	/** ΔE with what the trade would hold against the mix. */
	score(mix: readonly { candidate: Candidate; x: number }[], lab: Lab = this.labAt(mix)): number {
		const level = levelOf(lab.l);
		let score = deltaE(lab, this.problem.target);
		const used = mix.filter(({ x }) => x > 0);
		score += PENALTY.perTubePastFirst * Math.max(0, used.length - 1);
		score += PENALTY.perLevelTooDark * Math.max(0, this.targetLevel - level - PENALTY.freeTooDark);
		const total = used.reduce((sum, { x }) => sum + x, 0);
		let warm = 0;
		let cool = 0;
		let off = 0;
		for (const { candidate, x } of used) {
			const share = total > 0 ? x / total : 0;
			const tooDeep = Math.max(0, this.targetLevel - candidate.shade.level - 1);
			score += PENALTY.perLevelPartTooDeep * tooDeep * share;
			warm += x * candidate.tone * candidate.warmShare;
			cool += x * candidate.tone * (1 - candidate.warmShare);
			off += x * candidate.tone * candidate.offTheWheel;
		}
		if (warm + cool > 0) {
			score += (PENALTY.fightingTones * Math.min(warm, cool)) / (warm + cool);
			score += (PENALTY.perStepOffTheWheel * off) / (warm + cool);
		}
		return score;
	}
}

/** Best strength of one shade, 0-1, by a scan and a golden section around its best step. */
function bestStrength(search: Search, candidate: Candidate): { x: number; score: number } {
	const at = (x: number) => search.score([{ candidate, x }]);
	const steps = 12;
	let best = { x: 1, score: at(1) };
	for (let i = 1; i < steps; i++) {
		const x = (i / steps) ** 2;
		const score = at(x);
		if (score < best.score) best = { x, score };
	}
	const phi = (Math.sqrt(5) - 1) / 2;
	let low = Math.max(0.001, (Math.sqrt(best.x) - 1 / steps) ** 2);
	let high = Math.min(1, (Math.sqrt(best.x) + 1 / steps) ** 2);
	for (let i = 0; i < 10; i++) {
		const one = high - phi * (high - low);
		const two = low + phi * (high - low);
		if (at(one) < at(two)) high = two;
		else low = one;
	}
	const x = (low + high) / 2;
	const score = at(x);
	return score < best.score ? { x, score } : best;
}

type Vector = readonly [number, number, number];
const minus = (p: Lab, q: Lab): Vector => [p.l - q.l, p.a - q.a, p.b - q.b];
const dot = (p: Vector, q: Vector): number => p[0] * q[0] + p[1] * q[1] + p[2] * q[2];

/** Least squares of `r + u·dx + v·dy` with both strengths kept ≥ 0 and their sum ≤ 1. */
function stepPair(r: Vector, u: Vector, v: Vector, x: number, y: number): [number, number] {
	const uu = dot(u, u);
	const vv = dot(v, v);
	const uv = dot(u, v);
	const ru = dot(r, u);
	const rv = dot(r, v);
	const determinant = uu * vv - uv * uv;
	if (determinant < 1e-9 * uu * vv) return [x, y];
	const nx = Math.max(0, x + (-ru * vv + rv * uv) / determinant);
	const ny = Math.max(0, y + (-rv * uu + ru * uv) / determinant);
	const sum = nx + ny;
	return sum > 1 ? [nx / sum, ny / sum] : [nx, ny];
}

/** Gauss-Newton from a starting pair of strengths; keeps the best point it saw by score. */
function refinePair(search: Search, one: Candidate, two: Candidate, x0: number, y0: number) {
	const mixOf = (x: number, y: number) => [
		{ candidate: one, x },
		{ candidate: two, x: y }
	];
	let [x, y] = [x0, y0];
	let best = { x, y, score: search.score(mixOf(x, y)) };
	for (let i = 0; i < 4; i++) {
		const lab = search.labAt(mixOf(x, y));
		const h = 0.004;
		const u = minus(search.labAt(mixOf(x + h, y)), lab).map((d) => d / h) as unknown as Vector;
		const v = minus(search.labAt(mixOf(x, y + h)), lab).map((d) => d / h) as unknown as Vector;
		[x, y] = stepPair(minus(lab, search.problem.target), u, v, x, y);
		const score = search.score(mixOf(x, y));
		if (score < best.score) best = { x, y, score };
	}
	return best;
}

interface Found {
	readonly mix: readonly { candidate: Candidate; grams: number }[];
	readonly score: number;
}

/**
 * A mix in whole grams: rounded, then moved a gram at a time in any part while that scores better. A
 * part under half a gram falls away.
 */
function inWholeGrams(search: Search, mix: readonly { candidate: Candidate; x: number }[]): Found {
	const total = search.problem.totalGrams;
	const candidates = mix.map(({ candidate }) => candidate);
	const scoreOf = (grams: readonly number[]): number => {
		const sum = grams.reduce((all, g) => all + g, 0);
		if (sum === 0 || sum > total || grams.some((g) => g < 0)) return Infinity;
		return search.score(candidates.map((candidate, i) => ({ candidate, x: grams[i]! / total })));
	};
	const steps = candidates.length === 1 ? [[1], [-1]] : PAIR_STEPS;
	let grams = mix.map(({ x }) => Math.round(x * total));
	if (grams.reduce((sum, g) => sum + g, 0) > total) grams[0] = grams[0]! - 1;
	let score = scoreOf(grams);
	for (let moved = true; moved;) {
		moved = false;
		for (const step of steps) {
			const next = grams.map((g, i) => g + step[i]!);
			const better = scoreOf(next);
			if (better < score) [grams, score, moved] = [next, better, true];
		}
	}
	const used = candidates
		.map((candidate, i) => ({ candidate, grams: grams[i]! }))
		.filter((part) => part.grams > 0);
	return { mix: used, score };
}

/** Ways to move two parts by a gram: either alone, both, or from one to the other. */
const PAIR_STEPS: readonly (readonly number[])[] = [
	[1, 0],
	[-1, 0],
	[0, 1],
	[0, -1],
	[1, -1],
	[-1, 1],
	[1, 1],
	[-1, -1]
];

/**
 * Finds formulas of one or two shades, thinned with clear, that bring the hair closest to the target
 * by CIEDE2000, in whole grams. Singles are optimised alone; every pair is ranked by a linear step
 * from the better single, and the most promising are refined by Gauss-Newton.
 * @returns the best few that differ, best first; empty when the shelf holds nothing of the vehicle
 * @throws {RangeError} when no weight is asked for
 */
export function solveTone(problem: ToneProblem): ToneFormula[] {
	if (!(problem.totalGrams >= 1)) throw new RangeError('totalGrams must be at least 1');
	const search = new Search(problem);
	const singles = search.candidates.map((candidate) => ({
		candidate,
		...bestStrength(search, candidate)
	}));
	const found = singles.map(({ candidate, x }) => inWholeGrams(search, [{ candidate, x }]));
	if ((problem.maxShades ?? 2) >= 2) found.push(...bestPairs(search, singles));
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

function bestPairs(
	search: Search,
	singles: readonly { candidate: Candidate; x: number; score: number }[]
): Found[] {
	const { target } = search.problem;
	const ranked: { i: number; j: number; x: number; y: number; guess: number }[] = [];
	const h = 0.01;
	singles.forEach((one, i) => {
		const at = search.labAt([one]);
		const residual = minus(at, target);
		const slope = (candidate: Candidate): Vector => {
			const moved = search.labAt([one, { candidate, x: h }]);
			return minus(moved, at).map((d) => d / h) as unknown as Vector;
		};
		const u = slope(one.candidate);
		singles.forEach((two, j) => {
			// Each pair is tried from its better single only.
			if (i === j || two.score < one.score || (two.score === one.score && j < i)) return;
			const v = slope(two.candidate);
			const [x, y] = stepPair(residual, u, v, one.x, 0);
			const dx = x - one.x;
			const left: Vector = [0, 1, 2].map(
				(k) => residual[k]! + u[k]! * dx + v[k]! * y
			) as unknown as Vector;
			ranked.push({ i, j, x, y, guess: Math.sqrt(dot(left, left)) });
		});
	});
	ranked.sort((p, q) => p.guess - q.guess);
	return ranked.slice(0, 40).map(({ i, j, x, y }) => {
		const one = singles[i]!.candidate;
		const two = singles[j]!.candidate;
		const best = refinePair(search, one, two, x, y);
		return inWholeGrams(search, [
			{ candidate: one, x: best.x },
			{ candidate: two, x: best.y }
		]);
	});
}

/** Two formulas of the same tones count as one unless their colours are this far apart (ΔE00). */
const DIFFERENT = 2;

/** The best of a sorted list that are not variations of one another: other tones, or another colour. */
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
		const alike = chosen.some(
			(other) => other.tones === tones && deltaE(other.lab, lab) < DIFFERENT
		);
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

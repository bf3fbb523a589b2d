import { normalShare } from '../numeric';
import { RUNGS, type Lesson, type Rung } from './question';

/** An answer as the ability is reckoned from it. */
export interface Evidence {
	readonly lesson: Lesson;
	readonly rung: number;
	readonly right: boolean;
	/** Options that there were to choose from; left out, a figure was asked. */
	readonly options?: number | undefined;
	/** Levels between what was to be told apart. */
	readonly gap?: number | undefined;
	/** Levels that a named level lay above what was there. */
	readonly off?: number | undefined;
}

/** How well somebody does in a lesson. */
export interface Ability {
	/** In logits: 0 answers a middling question right three times out of five, and one rung is one logit. */
	readonly mean: number;
	readonly sd: number;
	/** Share of middling questions that they would have right, 0-1, without guessing. */
	readonly share: number;
	/** How hard the next question should be. */
	readonly rung: Rung;
}

const GRID = { from: -5, to: 5, points: 101 } as const;
const PRIOR = { mean: -0.5, sd: 1.6 } as const;
/** People learn: an answer counts by half after this many more. */
const HALVED_AFTER = 40;
/** What is older than this counts for less than a hundredth, and is left out. */
const COUNTED = 280;
/** Slips of somebody who knows. */
const SLIPS = 0.03;
/** What was known is asked at about this chance of being right: neither dull nor hopeless (reasoned). */
const AIMED_AT = 0.75;

const logistic = (x: number): number => 1 / (1 + Math.exp(-x));
/** The middle rung is nobody's gift: 0.4 logit below 0. */
const hardness = (rung: number): number => rung - 3 - 0.4;
const grid = Array.from(
	{ length: GRID.points },
	(_, i) => GRID.from + ((GRID.to - GRID.from) * i) / (GRID.points - 1)
);

/** Mean and sd of a log density over points. */
function momentsOf(
	points: readonly number[],
	logs: readonly number[]
): { mean: number; sd: number } {
	const most = Math.max(...logs);
	const weights = logs.map((log) => Math.exp(log - most));
	const sum = weights.reduce((total, weight) => total + weight, 0);
	const mean = points.reduce((total, x, i) => total + x * weights[i]!, 0) / sum;
	const square = points.reduce((total, x, i) => total + (x - mean) ** 2 * weights[i]!, 0) / sum;
	return { mean, sd: Math.sqrt(square) };
}

/**
 * Ability in one lesson from its answers, oldest first, by Rasch's model with guessing and slips on a grid:
 * `p = g + (1 - s - g)/(1 + e^(h - θ))`, `g` one out of the options. Source: Rasch 1960; Birnbaum 1968.
 */
export function abilityOf(all: readonly Evidence[]): Ability {
	const answers = all.slice(-COUNTED);
	const logs = grid.map((theta) =>
		answers.reduce(
			(sum, { rung, right, options }, i) => {
				const guess = options ? 1 / options : 0.02;
				const p = guess + (1 - SLIPS - guess) * logistic(theta - hardness(rung));
				const weight = Math.pow(0.5, (answers.length - 1 - i) / HALVED_AFTER);
				return sum + weight * Math.log(right ? p : 1 - p);
			},
			-((theta - PRIOR.mean) ** 2) / (2 * PRIOR.sd ** 2)
		)
	);
	const { mean, sd } = momentsOf(grid, logs);
	const wanted = mean - Math.log(AIMED_AT / (1 - AIMED_AT));
	const rung = RUNGS.reduce((best, each) =>
		Math.abs(hardness(each) - wanted) < Math.abs(hardness(best) - wanted) ? each : best
	);
	return { mean, sd, share: logistic(mean - hardness(3)), rung };
}

/** How sharp an eye is for levels. */
export interface Acuity {
	/** Levels by which one look errs (sd). */
	readonly levels: number;
	/** 80 % band of it. */
	readonly low: number;
	readonly high: number;
	/** Levels that it reads lighter than there is. */
	readonly bias: number;
	/** Answers that it rests on. */
	readonly looks: number;
}

/** A master errs by half a level. */
export const MASTER_LEVELS = 0.5;
const SIGMAS = Array.from({ length: 41 }, (_, i) => 0.1 * Math.pow(25, i / 40));
const BIASES = Array.from({ length: 31 }, (_, i) => -1.5 + i / 10);
/** Of somebody whom nobody has seen answer: about a level (reasoned). */
const ACUITY_PRIOR = { levels: 0.9, logSd: 0.7, biasSd: 0.4 } as const;
/** Named levels are rounded to halves. */
const ROUNDING = 0.5 ** 2 / 12;

/**
 * How far off one look at a level is, from levels that were named and strands that were told apart: errors are
 * normal with a bias, and of two strands `p = Φ(gap/(σ√2))`, with slips. Posterior on a grid.
 * @returns nothing before any answer tells of it
 */
export function acuityOf(answers: readonly Evidence[]): Acuity | undefined {
	const told = answers.filter(({ gap, off }) => gap !== undefined || off !== undefined);
	if (told.length === 0) return undefined;
	const looks = told.slice(-COUNTED);
	const weightOf = (i: number) => Math.pow(0.5, (looks.length - 1 - i) / HALVED_AFTER);
	const cells = SIGMAS.flatMap((sigma) =>
		BIASES.map((bias) => {
			let log =
				-(Math.log(sigma / ACUITY_PRIOR.levels) ** 2) / (2 * ACUITY_PRIOR.logSd ** 2) -
				bias ** 2 / (2 * ACUITY_PRIOR.biasSd ** 2);
			for (const [i, { gap, off, right }] of looks.entries()) {
				const weight = weightOf(i);
				if (off !== undefined) {
					const variance = sigma ** 2 + ROUNDING;
					log += weight * (-((off - bias) ** 2) / (2 * variance) - Math.log(variance) / 2);
				} else {
					const p = SLIPS / 2 + (1 - SLIPS) * normalShare(gap! / (sigma * Math.SQRT2));
					log += weight * Math.log(right ? p : 1 - p);
				}
			}
			return { sigma, bias, log };
		})
	);
	const most = Math.max(...cells.map(({ log }) => log));
	const weighed = cells.map((cell) => ({ ...cell, weight: Math.exp(cell.log - most) }));
	const all = weighed.reduce((sum, { weight }) => sum + weight, 0);
	const mean = (of: (cell: (typeof weighed)[number]) => number) =>
		weighed.reduce((sum, cell) => sum + of(cell) * cell.weight, 0) / all;
	const shares = SIGMAS.map(
		(sigma) =>
			weighed.reduce((sum, cell) => (cell.sigma === sigma ? sum + cell.weight : sum), 0) / all
	);
	const at = (share: number) => {
		let sum = 0;
		return SIGMAS[shares.findIndex((each) => (sum += each) >= share)] ?? SIGMAS.at(-1)!;
	};
	return {
		levels: Math.exp(mean(({ sigma }) => Math.log(sigma))),
		low: at(0.1),
		high: at(0.9),
		bias: mean(({ bias }) => bias),
		looks: told.length
	};
}

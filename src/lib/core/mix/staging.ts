import { undertoneOf, type Lab, type Undertone } from '../colour';
import {
	drawnReach,
	heatFactor,
	labOfFibre,
	misread,
	pointAt,
	quantile,
	SECTION_REACH,
	SPREAD,
	stratifiedNormals,
	type Fibre,
	type PointNow
} from '../lift';
import { finish, type Steps } from '../steps';
import { adviceFor, type StagingAdvice } from './advice';
import { blendDeveloper, type Blend } from './blend';
import { splitByRatio } from './bowls';
import { BowlSearch, isMet, type Choice } from './bowlSearch';
import { RESERVE, STAGING } from './constants';
import { faultOf, readySection, type StagingProblem, type StagingProblemFault } from './sections';

/** A bowl of one strength for neighbouring sections. */
export interface StagedBowl {
	readonly number: number;
	readonly sections: readonly string[];
	readonly volume: number;
	readonly ratio: number;
	/** Minutes from the first brush stroke at which it is mixed. */
	readonly mixAtMinute: number;
	/** When the last of it is on the head. */
	readonly usedUpMinute: number;
	readonly lightenerGrams: number;
	readonly developerGrams: number;
	readonly blend: Blend | undefined;
}

/** How one section comes out. */
export interface SectionFinish {
	readonly section: string;
	readonly bowl: number;
	readonly appliedFromMinute: number;
	readonly appliedToMinute: number;
	readonly rinseMinute: number;
	/** It has to come out before the others: the product's limit is reached. */
	readonly rinsedFirst: boolean;
	readonly level: number;
	readonly low: number;
	readonly high: number;
	readonly lab: Lab;
	readonly undertone: Undertone;
	readonly condition: number;
}

export interface Staging {
	readonly bowls: readonly StagedBowl[];
	readonly finish: readonly SectionFinish[];
	readonly target: number;
	/** Most minus least level at the rinse, expected. */
	readonly spread: number;
	/** 10-90 % of the spread: packets differ in heat and saturation. */
	readonly spreadLow: number;
	readonly spreadHigh: number;
	/** The same with one strength throughout: the best single one. */
	readonly spreadUnstaged: number;
	readonly unstagedVolume: number;
	/** How far the least section stays below the target. */
	readonly shortfall: number;
	/** The section that stays furthest behind, when any misses. */
	readonly behind?: string | undefined;
	readonly advice: readonly StagingAdvice[];
}

/**
 * Stages the bowls: which strength for which sections, so that all are at one level at the rinse.
 * Bowls are runs of neighbouring sections, in steps of 2.5 vol, at most five, none in use past 20 min;
 * each costs 0.05 level, so that none is mixed for nothing. One single strength is always among the
 * choices, so staging never makes it less even.
 * @returns the staging, or what stands in its way
 */
export function* stageBowlsSteps(
	problem: StagingProblem
): Steps<{ ok: true; staging: Staging } | ({ ok: false } & StagingProblemFault)> {
	const fault = faultOf(problem);
	if (fault) return { ok: false, ...fault };
	const search = new BowlSearch(problem);
	const best = yield* search.best();
	const unstaged = search.unstaged();
	const staging = describe(search, best, unstaged);
	const advice = isMet(best) ? [] : adviceFor(problem, best, search.target);
	return { ok: true, staging: { ...staging, advice } };
}

/** {@link stageBowlsSteps} without a pause. */
export const stageBowls = (problem: StagingProblem) => finish(stageBowlsSteps(problem));

/** One strength throughout, told in the same way: for comparison, and for schools that do not stage. */
export function oneStrength(
	problem: StagingProblem
): { ok: true; staging: Staging } | ({ ok: false } & StagingProblemFault) {
	const fault = faultOf(problem);
	if (fault) return { ok: false, ...fault };
	const search = new BowlSearch(problem);
	const unstaged = search.unstaged();
	return { ok: true, staging: { ...describe(search, unstaged, unstaged), advice: [] } };
}

function describe(search: BowlSearch, best: Choice, unstaged: Choice): Omit<Staging, 'advice'> {
	const { problem, times, strengths } = search;
	const bowls = best.runs.map(({ first, last, strength }, i): StagedBowl => {
		const { volume, ratio } = strengths[strength]!;
		const own = times.slice(first, last + 1);
		const grams = own.reduce((sum, { section }) => sum + section.grams, 0) * (1 + RESERVE);
		const { lightenerGrams, developerGrams } = splitByRatio(grams, ratio);
		return {
			number: i + 1,
			sections: own.map(({ section }) => section.name),
			volume,
			ratio,
			mixAtMinute: own[0]!.from,
			usedUpMinute: own.at(-1)!.to,
			lightenerGrams,
			developerGrams,
			blend: blendDeveloper(volume, developerGrams, problem.stock)
		};
	});
	const drawn = drawSections(search, best);
	const finish = best.runs.flatMap(({ first, last, strength }, bowl) =>
		times.slice(first, last + 1).map((time, k): SectionFinish => {
			const i = first + k;
			const ready = readySection(problem, time, strengths[strength]!, times[first]!.from);
			const now: PointNow = pointAt(ready, time.rinse);
			const lab = labOfFibre(now.fibre);
			const levels = drawn.levels[i]!;
			return {
				section: time.section.name,
				bowl: bowl + 1,
				appliedFromMinute: time.from,
				appliedToMinute: time.to,
				rinseMinute: time.rinse,
				rinsedFirst: time.rinsedFirst,
				level: now.level,
				low: quantile(levels, 0.1),
				high: quantile(levels, 0.9),
				lab,
				undertone: undertoneOf(lab),
				condition: now.condition
			};
		})
	);
	const least = best.levels.indexOf(Math.min(...best.levels));
	return {
		bowls,
		finish,
		target: search.target,
		spread: best.spread,
		spreadLow: quantile(drawn.spreads, 0.1),
		spreadHigh: quantile(drawn.spreads, 0.9),
		spreadUnstaged: unstaged.spread,
		unstagedVolume: strengths[unstaged.runs[0]!.strength]!.volume,
		shortfall: best.shortfall,
		...(isMet(best) ? {} : { behind: times[least]!.section.name })
	};
}

/** Levels of every section and their spread over heads and packets that differ, sorted. */
function drawSections(search: BowlSearch, { runs }: Choice) {
	const { problem, times, strengths } = search;
	const spread = problem.spread ?? SPREAD;
	const columns = stratifiedNormals(STAGING.draws, 2 + 2 * times.length);
	const points = runs.flatMap(({ first, last, strength }) =>
		times
			.slice(first, last + 1)
			.map((time) => readySection(problem, time, strengths[strength]!, times[first]!.from))
	);
	const levels = times.map(() => new Float64Array(STAGING.draws));
	const spreads = Float64Array.from({ length: STAGING.draws }, (_, d) => {
		const personal = Math.exp(spread.logPersonal * columns[0]![d]!);
		const starts = new Map<Fibre, Fibre>();
		const row = points.map((point, i) => {
			const { fibre } = point.start;
			let start = starts.get(fibre);
			if (!start) starts.set(fibre, (start = misread(fibre, spread.startLevel * columns[1]![d]!)));
			const reach = SECTION_REACH[times[i]!.section.section ?? 'seeThrough'];
			const speed =
				personal *
				heatFactor(spread.temperatureC * columns[2 + 2 * i]![d]!) *
				drawnReach(reach, spread.reach * columns[3 + 2 * i]![d]!);
			return (levels[i]![d] = pointAt(point, times[i]!.rinse, { speed, start }).level);
		});
		return Math.max(...row) - Math.min(...row);
	});
	return { spreads: spreads.sort(), levels: levels.map((column) => column.sort()) };
}

import { undertoneOf, type Lab, type Undertone } from '../colour';
import { labOfFibre, pointAt, seenBand, SPREAD, type PointNow } from '../lift';
import { quantile } from '../numeric';
import { blendDeveloper, RESERVE, splitByRatio, type Blend } from '../mix';
import { finish, within, type Steps } from '../steps';
import { adviceSteps, type StagingAdvice } from './advice';
import { BowlSearch, isMet, unevenness, type Choice } from './bowlSearch';
import { drawSections } from './drawSections';
import { bowlIdOf, type BowlId, type SectionId, type StrandPart } from './ids';
import { faultOf, readySection, type StagingProblem, type StagingProblemFault } from './problem';

/** A bowl of one strength for neighbouring sections. */
export interface StagedBowl {
	readonly id: BowlId;
	/** Its place in the order of mixing, from 1. */
	readonly number: number;
	readonly sections: readonly SectionId[];
	/** The part of the strand it goes on, where several are worked apart. */
	readonly part?: StrandPart | undefined;
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
	readonly section: SectionId;
	readonly part?: StrandPart | undefined;
	/** Number of its bowl. */
	readonly bowl: number;
	/** Grams of ready mixture that go on it, without reserve. */
	readonly grams: number;
	readonly appliedFromMinute: number;
	readonly appliedToMinute: number;
	readonly rinseMinute: number;
	/** It is wiped off before the others are rinsed: the product's limit is reached, or it is ready. */
	readonly wipedFirst: boolean;
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
	readonly behind?: SectionId | undefined;
	readonly advice: readonly StagingAdvice[];
}

export type StagingAnswer =
	| { readonly ok: true; readonly staging: Staging }
	| ({ readonly ok: false } & StagingProblemFault);

/** Sections of one part of the strand, worked with bowls of their own. */
export interface StagingPass {
	/** Left out where the strand is worked as one. */
	readonly part?: StrandPart | undefined;
	readonly problem: StagingProblem;
}

/**
 * Stages the bowls: which strength for which sections, so that all are at one level at the rinse.
 * Bowls are runs of neighbouring sections, in steps of 2.5 vol, of at most five strengths, none in use past
 * 20 min: long work takes as many as it needs;
 * each costs a little level, so that none is mixed for nothing. One single strength is always among the
 * choices, so staging never makes it less even.
 * @returns the staging, or what stands in its way
 */
export const stageBowlsSteps = (problem: StagingProblem): Steps<StagingAnswer> =>
	stagePassesSteps([{ problem }], true);

/**
 * {@link stageBowlsSteps} for a head on which parts of the strand have bowls of their own: root and
 * lengths at once with two strengths, or one after the other. All are brought to one level.
 * @param advise whether to look for what would help where the bowls alone do not: as long again, or more
 */
export function* stagePassesSteps(
	passes: readonly StagingPass[],
	advise: boolean
): Steps<StagingAnswer> {
	const fault = firstFault(passes);
	if (fault) return { ok: false, ...fault };
	const [prepared, searched] = advise ? SHARES.advised : SHARES.plain;
	const { searches, target } = yield* within(searchesOf(passes), 0, prepared);
	const unstaged = together(searches, unstagedChoices(searches), target);
	const found: Choice[] = Array<Choice>(searches.length);
	// The part that gets least far leads; the others are to match it.
	const slowestFirst = searches
		.map((_, i) => i)
		.sort((p, q) => searches[p]!.search.reach - searches[q]!.search.reach);
	let beside: readonly number[] = [];
	for (const [n, i] of slowestFirst.entries()) {
		const { search } = searches[i]!;
		const share = (done: number) => prepared + ((searched - prepared) * done) / searches.length;
		const best = yield* within(
			(beside.length === 0 ? search : search.with(target, beside)).best(),
			share(n),
			share(n + 1)
		);
		found[i] = best;
		if (isCounted(searches[i]!)) beside = [...beside, ...best.levels];
	}
	const staged = together(searches, found, target);
	// Parts that are each more even may still lie further apart than with one strength.
	const best = staged.spread <= unstaged.spread + 1e-9 ? staged : unstaged;
	const worst = worstOf(searches, best);
	const advice =
		!advise || isMet(best)
			? []
			: yield* within(
					adviceSteps(searches[worst.pass]!.search.problem, best.choices[worst.pass]!, target),
					searched,
					1
				);
	return { ok: true, staging: { ...describe(searches, best, unstaged, target), advice } };
}

/**
 * {@link stageBowlsSteps} without a pause.
 * @internal
 */
export const stageBowls = (problem: StagingProblem): StagingAnswer =>
	finish(stageBowlsSteps(problem));

/** One strength throughout, told in the same way: for comparison, and for schools that do not stage. */
export const oneStrengthSteps = (problem: StagingProblem, volume?: number): Steps<StagingAnswer> =>
	onePassSteps([{ problem }], volume);

/**
 * {@link oneStrengthSteps} without a pause.
 * @internal
 */
export const oneStrength = (problem: StagingProblem, volume?: number): StagingAnswer =>
	finish(oneStrengthSteps(problem, volume));

/**
 * {@link oneStrengthSteps} for several parts of the strand.
 * @param volume the strength; left out, the best single one
 */
export function* onePassSteps(
	passes: readonly StagingPass[],
	volume?: number
): Steps<StagingAnswer> {
	const settled = passes.map(({ part, problem }): StagingPass => ({
		part,
		problem:
			volume === undefined
				? problem
				: {
						...problem,
						sections: problem.sections.map((section) => ({
							...section,
							lockedVolume: section.lockedVolume ?? volume
						}))
					}
	}));
	const fault = firstFault(settled);
	if (fault) return { ok: false, ...fault };
	const { searches, target } = yield* searchesOf(settled);
	const unstaged = together(searches, unstagedChoices(searches), target);
	return { ok: true, staging: { ...describe(searches, unstaged, unstaged, target), advice: [] } };
}

const firstFault = (passes: readonly StagingPass[]): StagingProblemFault | undefined => {
	if (passes.length === 0) return { problem: 'noSections' };
	return passes.map(({ problem }) => faultOf(problem)).find((fault) => fault !== undefined);
};

/** Shares of the work: levels prepared, bowls searched; the rest is advice. */
const SHARES = { plain: [0.4, 1], advised: [0.2, 0.5] } as const;

/** A part of the strand and the search for its bowls. */
interface PassSearch {
	readonly part: StrandPart | undefined;
	readonly search: BowlSearch;
}

/** Old light pieces have a bowl that was said for them: they are no part of how even the head comes out. */
const isCounted = ({ part }: { readonly part?: StrandPart | undefined }): boolean =>
	part !== 'oldLights';

/** All parts have one target: what was asked for, or what the weakest of them can reach. */
function* searchesOf(
	passes: readonly StagingPass[]
): Steps<{ readonly searches: PassSearch[]; readonly target: number }> {
	const first: PassSearch[] = [];
	for (const [i, { part, problem }] of passes.entries()) {
		const search = yield* within(
			BowlSearch.prepare(problem),
			i / passes.length,
			(i + 1) / passes.length
		);
		first.push({ part, search });
	}
	const target = Math.min(...first.filter(isCounted).map(({ search }) => search.target));
	const searches = first.map(({ part, search }): PassSearch => ({
		part,
		search: search.target === target ? search : search.with(target)
	}));
	return { searches, target };
}

/** The choices of all parts, judged as one head. */
interface HeadChoice {
	readonly choices: readonly Choice[];
	readonly spread: number;
	readonly shortfall: number;
	readonly cost: number;
}

function together(
	searches: readonly PassSearch[],
	choices: readonly Choice[],
	target: number
): HeadChoice {
	const levels = choices.flatMap((choice, pass) =>
		isCounted(searches[pass]!) ? choice.levels : []
	);
	const least = Math.min(...levels);
	const spread = Math.max(...levels) - least;
	const shortfall = Math.max(0, target - least);
	const bowls = choices.reduce(
		(sum, { runs }, pass) => sum + searches[pass]!.search.bowlsCost(runs),
		0
	);
	return {
		choices,
		spread,
		shortfall,
		cost: unevenness(spread) + shortfall + bowls
	};
}

/** One strength on every part: the best that all of them can be given. */
function unstagedChoices(searches: readonly PassSearch[]): Choice[] {
	if (searches.length === 1) return [searches[0]!.search.unstaged()];
	const target = searches[0]!.search.target;
	const ways = searches[0]!.search.strengths.flatMap(({ volume, ratio }) => {
		const choices = searches.flatMap(({ search }) => {
			const same = search.strengths.findIndex((s) => s.volume === volume && s.ratio === ratio);
			return same < 0 ? [] : [search.single(same)];
		});
		return choices.length === searches.length ? [together(searches, choices, target)] : [];
	});
	if (ways.length === 0) return searches.map(({ search }) => search.unstaged());
	return [...ways.reduce((best, way) => (way.cost < best.cost ? way : best)).choices];
}

/** Where the least level is. */
function worstOf(
	searches: readonly PassSearch[],
	{ choices }: HeadChoice
): { readonly pass: number; readonly section: number } {
	const all = choices.flatMap(({ levels }, pass) =>
		isCounted(searches[pass]!) ? levels.map((level, section) => ({ level, pass, section })) : []
	);
	return all.reduce((worst, one) => (one.level < worst.level ? one : worst));
}

/** A bowl as it is found, before bowls are numbered in the order of their mixing. */
interface FoundBowl {
	readonly id: BowlId;
	readonly pass: number;
	/** One run of neighbouring sections; several for a weighed bowl whose sections were moved apart. */
	readonly runs: Choice['runs'];
	readonly mixAtMinute: number;
}

/** The bowls of one part of the strand: a run each, but a weighed bowl is one however its sections lie. */
function bowlsFound({ part, search }: PassSearch, { runs }: Choice, pass: number): FoundBowl[] {
	const found = new Map<BowlId, FoundBowl>();
	for (const run of runs) {
		const { section } = search.times[run.first]!;
		const id = section.bowl ?? bowlIdOf(section.id, part);
		const known = found.get(id);
		found.set(id, {
			id,
			pass,
			runs: [...(known?.runs ?? []), run],
			mixAtMinute: known?.mixAtMinute ?? search.mixedAt(run.first)
		});
	}
	return [...found.values()];
}

function describe(
	searches: readonly PassSearch[],
	best: HeadChoice,
	unstaged: HeadChoice,
	target: number
): Omit<Staging, 'advice'> {
	const found = best.choices
		.flatMap((choice, pass) => bowlsFound(searches[pass]!, choice, pass))
		.sort((p, q) => p.mixAtMinute - q.mixAtMinute || p.pass - q.pass);
	const drawn = drawSections(
		searches.map((one, i) => ({
			search: one.search,
			choice: best.choices[i]!,
			counted: isCounted(one)
		}))
	);
	const finish = found
		.flatMap((bowl, i) => finishesOf(searches[bowl.pass]!, bowl, i + 1, drawn.levels[bowl.pass]!))
		.sort((p, q) => p.appliedFromMinute - q.appliedFromMinute);
	const worst = worstOf(searches, best);
	const first = unstaged.choices[0]!.runs[0]!;
	return {
		bowls: found.map((bowl, i) =>
			bowlOf(searches[bowl.pass]!, bowl, i + 1, i === found.length - 1 ? reserveOf(searches) : 0)
		),
		finish,
		target,
		spread: best.spread,
		spreadLow: quantile(drawn.spreads, 0.1),
		spreadHigh: quantile(drawn.spreads, 0.9),
		spreadUnstaged: unstaged.spread,
		unstagedVolume: searches[0]!.search.strengths[first.strength]!.volume,
		shortfall: best.shortfall,
		...(isMet(best)
			? {}
			: { behind: searches[worst.pass]!.search.times[worst.section]!.section.id })
	};
}

/** What is mixed on top of what the whole head takes, g. */
const reserveOf = (searches: readonly PassSearch[]): number =>
	RESERVE *
	searches
		.flatMap(({ search }) => search.times)
		.reduce((sum, { section }) => sum + section.grams, 0);

/** @param reserve grams beyond what its sections take */
function bowlOf(
	{ part, search }: PassSearch,
	{ id, runs, mixAtMinute }: FoundBowl,
	number: number,
	reserve: number
): StagedBowl {
	const { problem, times, strengths } = search;
	const { volume, ratio } = strengths[runs[0]!.strength]!;
	const step = problem.step ?? 1;
	const own = runs.flatMap((run) => times.slice(run.first, run.last + 1));
	const grams = own.reduce((sum, { section }) => sum + section.grams, 0) + reserve;
	const { lightenerGrams, developerGrams } = splitByRatio(grams, ratio, step);
	return {
		id,
		number,
		sections: own.map(({ section }) => section.id),
		part,
		volume,
		ratio,
		mixAtMinute,
		usedUpMinute: own.at(-1)!.to,
		lightenerGrams,
		developerGrams,
		blend: blendDeveloper(volume, developerGrams, problem.stock, step)
	};
}

function finishesOf(
	{ part, search }: PassSearch,
	{ runs, mixAtMinute }: FoundBowl,
	bowl: number,
	drawn: readonly Float64Array[]
): SectionFinish[] {
	const { problem, times, strengths } = search;
	const indices = runs.flatMap(({ first, last, strength }) =>
		times.slice(first, last + 1).map((time, k) => ({ time, index: first + k, strength }))
	);
	return indices.map(({ time, index, strength }): SectionFinish => {
		const ready = readySection(problem, time, strengths[strength]!, mixAtMinute);
		const now: PointNow = pointAt(ready, time.rinse);
		const lab = labOfFibre(now.fibre);
		const levels = drawn[index]!;
		return {
			section: time.section.id,
			part,
			bowl,
			grams: time.section.grams,
			appliedFromMinute: time.from,
			appliedToMinute: time.to,
			rinseMinute: time.rinse,
			wipedFirst: time.wipedFirst,
			level: now.level,
			...seenBand(
				quantile(levels, 0.1),
				quantile(levels, 0.5),
				quantile(levels, 0.9),
				problem.spread ?? SPREAD
			),
			lab,
			undertone: undertoneOf(lab),
			condition: now.condition
		};
	});
}

import { pointAt } from '../lift';
import type { Steps } from '../steps';
import { BOWL_LIFE_MINUTES } from '../mix';
import { STAGING } from './constants';
import type { BowlId } from './ids';
import {
	mayTake,
	readySection,
	strengthsFor,
	timesOf,
	type StagingProblem,
	type Strength,
	type Timed
} from './problem';

/** A choice of bowls: runs of neighbouring sections, each with its strength. */
export interface Choice {
	readonly runs: readonly {
		readonly first: number;
		readonly last: number;
		readonly strength: number;
	}[];
	readonly levels: readonly number[];
	readonly spread: number;
	readonly shortfall: number;
	readonly cost: number;
}

/** A run of neighbouring sections with one strength: its least and its most level. */
interface Run {
	readonly first: number;
	readonly last: number;
	readonly strength: number;
	readonly least: number;
	readonly most: number;
	/** May be weaker than the bowl before: settled beforehand, or for a fine hairline at the end. */
	readonly free: boolean;
}

/** What a spread costs, levels: itself, and more from where it shows as a stripe. */
export const unevenness = (spread: number): number =>
	spread + STAGING.stripe.times * Math.max(0, spread - STAGING.stripe.from);

/** The search for one problem: levels of every section by strength and by the start of its bowl. */
export class BowlSearch {
	readonly times: readonly Timed[];
	readonly strengths: readonly Strength[];
	readonly target: number;
	/** The highest level that every section can be brought to. */
	readonly reach: number;
	/** `[section][strength]` */
	readonly #allowed: boolean[][];
	/** All runs that one bowl can serve, by their first section. */
	readonly #runs: Run[][];
	/** By weighed bowl, the minute at which the first of its sections is begun: it was mixed then. */
	readonly #mixed: ReadonlyMap<BowlId, number>;

	private constructor(
		readonly problem: StagingProblem,
		readonly beside: readonly number[],
		/** `[section][strength][first section of its bowl]`, less what the section is to be above the rest. */
		private readonly levels: readonly number[][][]
	) {
		this.times = timesOf(problem);
		this.strengths = strengthsFor(problem);
		this.#mixed = mixedMinutes(this.times);
		this.#allowed = this.times.map(({ section }) =>
			this.strengths.map((strength) => mayTake(problem, section, strength))
		);
		this.#runs = this.times.map((_, first) => this.#runsFrom(first));
		const reachable = this.times.map((_, i) =>
			Math.max(...this.strengths.map((_, s) => (this.#allowed[i]![s] ? this.#level(i, s, i) : 0)))
		);
		this.reach = Math.min(...reachable);
		this.target = problem.target ?? this.reach;
	}

	/**
	 * Works out the levels that a search goes by, section by section.
	 * @param beside levels of other parts of the same head, which these are to match
	 */
	static *prepare(problem: StagingProblem, beside: readonly number[] = []): Steps<BowlSearch> {
		const times = timesOf(problem);
		const strengths = strengthsFor(problem);
		const mixed = mixedMinutes(times);
		const levels: number[][][] = [];
		for (const [i, time] of times.entries()) {
			levels.push(
				strengths.map((strength) =>
					times
						.slice(0, i + 1)
						.map((first, j) =>
							staysFresh(times, j, i)
								? pointAt(
										readySection(problem, time, strength, mixedMinute(first, mixed)),
										time.rinse
									).level - (time.section.aimAbove ?? 0)
								: NaN
						)
				)
			);
			yield (i + 1) / times.length;
		}
		return new BowlSearch(problem, beside, levels);
	}

	/** The same search with another target, or for sections that are to match other parts of the head. */
	with(target: number, beside: readonly number[] = this.beside): BowlSearch {
		return new BowlSearch({ ...this.problem, target }, beside, this.levels);
	}

	/** Minute at which the bowl of a run is mixed: as its first section is begun, or when it was weighed for an earlier one. */
	mixedAt(first: number): number {
		return mixedMinute(this.times[first]!, this.#mixed);
	}

	#level(section: number, strength: number, first: number): number {
		return this.levels[section]![strength]![first]!;
	}

	#runsFrom(first: number): Run[] {
		const n = this.times.length;
		const fine = this.times.slice(first).every(({ section }) => section.fineHairline);
		const settled = this.times[first]!.section.lockedVolume !== undefined;
		return this.strengths.flatMap((_, strength) => {
			const runs: Run[] = [];
			let least = Infinity;
			let most = -Infinity;
			for (let last = first; last < n && staysFresh(this.times, first, last); last++) {
				if (!this.#allowed[last]![strength]) break;
				if (last > first && this.times[last]!.section.freshBowl) break;
				const level = this.#level(last, strength, first);
				least = Math.min(least, level);
				most = Math.max(most, level);
				const free = settled || (fine && last === n - 1);
				runs.push({ first, last, strength, least, most, free });
			}
			return runs;
		});
	}

	judge(runs: Choice['runs']): Choice {
		const levels = runs.flatMap(({ first, last, strength }) =>
			Array.from({ length: last - first + 1 }, (_, k) => this.#level(first + k, strength, first))
		);
		const least = Math.min(...levels);
		const spread = Math.max(...levels, ...this.beside) - Math.min(least, ...this.beside);
		const shortfall = Math.max(0, this.target - least);
		const past = Math.max(0, least - this.target);
		const cost =
			unevenness(spread) + shortfall + this.bowlsCost(runs) + STAGING.perLevelPast * past;
		return { runs, levels, spread, shortfall, cost };
	}

	/** What bowls cost, levels: each a little, and more where there is hardly anything in it. */
	bowlsCost(runs: Choice['runs']): number {
		return runs.reduce((sum, { first, last }) => {
			const grams = this.times
				.slice(first, last + 1)
				.reduce((all, { section }) => all + section.grams, 0);
			const small = grams < STAGING.smallBowl.grams ? STAGING.smallBowl.costs : 0;
			return sum + STAGING.perBowl + small;
		}, 0);
	}

	/** One strength throughout, freshly mixed as often as it has to be: the best that way. */
	unstaged(): Choice {
		const single = this.strengths.map((_, s) => this.single(s));
		// No single strength keeps long work even: the comparison is the one that is strong enough.
		const plain = ({ spread, shortfall }: Choice) => spread + shortfall;
		return single.reduce((best, choice) => (plain(choice) < plain(best) ? choice : best));
	}

	/** One strength throughout but where another is settled, or the place does not allow it. */
	single(strength: number): Choice {
		const runs: { first: number; last: number; strength: number }[] = [];
		this.times.forEach(({ section }, i) => {
			const run = runs.at(-1);
			const own = this.#nearest(i, strength);
			const goesOn =
				run && run.strength === own && staysFresh(this.times, run.first, i) && !section.freshBowl;
			if (goesOn) run.last = i;
			else runs.push({ first: i, last: i, strength: own });
		});
		return this.judge(runs);
	}

	/** The strength itself where a section may take it, or else the strongest weaker one that it may. */
	#nearest(section: number, strength: number): number {
		const allowed = this.#allowed[section]!;
		if (allowed[strength]) return strength;
		const weaker = allowed.lastIndexOf(true, strength);
		return weaker >= 0 ? weaker : allowed.indexOf(true);
	}

	/**
	 * The best bowls: for every floor that levels could keep above, the lowest top they can keep below,
	 * by dynamic programming over runs. Strengths never fall from bowl to bowl, but the last may for a
	 * fine hairline.
	 */
	*best(): Steps<Choice> {
		const baseline = this.unstaged();
		let best = baseline;
		const floors = this.#floors();
		for (const [i, floor] of floors.entries()) {
			// Whatever keeps to this floor and not to the one above falls short by this much at least.
			if (this.target - floor - STAGING.floorStep > best.cost) break;
			for (const runs of this.#above(floor)) {
				const choice = this.judge(runs);
				// Staging exists for evenness: what gains depth by being less even is no answer to it.
				if (choice.cost < best.cost - 1e-9 && choice.spread <= baseline.spread + 1e-9)
					best = choice;
			}
			if (i % 8 === 7) yield i / floors.length;
		}
		return best;
	}

	/** Weighed bowls that stand between others: they are there, and take none of those that may be mixed. */
	#weighedRuns(): number {
		return this.times.filter(
			({ section: { bowl } }, i) => bowl !== undefined && this.times[i - 1]?.section.bowl !== bowl
		).length;
	}

	/** Floors worth trying, highest first: a fine grid over the levels that occur. */
	#floors(): number[] {
		const all = this.levels.flat(2).filter(Number.isFinite);
		const from = Math.min(...all);
		const to = Math.max(...all);
		const count = Math.max(1, Math.ceil((to - from) / STAGING.floorStep));
		return Array.from({ length: count + 1 }, (_, i) => to - (i * (to - from)) / count);
	}

	/** Bowls there may be: as many as work of this length takes with none in use for longer than its life. */
	#mostBowls(): number {
		const minutes = this.times.at(-1)!.to - this.times[0]!.from;
		return Math.min(this.times.length, STAGING.spareBowls + Math.ceil(minutes / BOWL_LIFE_MINUTES));
	}

	/**
	 * For one floor: the runs with the least top, for every number of bowls that can do it. A fresh bowl of
	 * the strength before counts as a bowl, not as a strength.
	 */
	#above(floor: number): Choice['runs'][] {
		const n = this.times.length;
		const width = this.strengths.length;
		const kinds = STAGING.mostStrengths + this.#weighedRuns();
		const most = this.#mostBowls() + this.#weighedRuns();
		// By strengths used, sections done and strength of the last bowl: the least top, and what led there.
		const size = kinds * (n + 1) * width;
		const index = (kind: number, done: number, strength: number) =>
			(kind * (n + 1) + done) * width + strength;
		let tops = new Float64Array(size).fill(Infinity);
		const led: (Run | undefined)[][] = [];
		const from: Int32Array[] = [];
		const complete: Choice['runs'][] = [];
		for (let bowl = 0; bowl < most; bowl++) {
			const next = new Float64Array(size).fill(Infinity);
			const by: (Run | undefined)[] = Array<Run | undefined>(size);
			const before = new Int32Array(size).fill(-1);
			const enter = (run: Run, kind: number, back: number) => {
				const top = Math.max(back < 0 ? -Infinity : tops[back]!, run.most);
				const at = index(kind, run.last + 1, run.strength);
				if (top >= next[at]!) return;
				next[at] = top;
				by[at] = run;
				before[at] = back;
			};
			if (bowl === 0) {
				for (const run of this.#runs[0]!) if (run.least >= floor) enter(run, 0, -1);
			}
			for (let first = bowl; bowl > 0 && first < n; first++) {
				for (let kind = 0; kind < Math.min(kinds, bowl); kind++) {
					const least = leastBelow(tops, index(kind, first, 0), width);
					if (least[width - 1]! < 0) continue;
					for (const run of this.#runs[first]!) {
						if (run.least < floor) continue;
						const { strength } = run;
						const same = index(kind, first, strength);
						if (tops[same]! < Infinity) enter(run, kind, same);
						if (kind + 1 >= kinds) continue;
						const other = run.free ? width - 1 : strength - 1;
						const back = other >= 0 ? least[other]! : -1;
						if (back >= 0) enter(run, kind + 1, index(kind, first, back));
					}
				}
			}
			led.push(by);
			from.push(before);
			tops = next;
			const ends = Array.from({ length: kinds }, (_, kind) => {
				const end = leastBelow(tops, index(kind, n, 0), width)[width - 1]!;
				return end >= 0 ? index(kind, n, end) : -1;
			}).filter((end) => end >= 0);
			if (ends.length > 0) {
				const end = ends.reduce((p, q) => (tops[q]! < tops[p]! ? q : p));
				complete.push(backtrack(led, from, bowl, end));
			}
		}
		return complete;
	}
}

/** By weighed bowl, the minute at which the first of its sections is begun. */
function mixedMinutes(times: readonly Timed[]): Map<BowlId, number> {
	const mixed = new Map<BowlId, number>();
	for (const { section, from } of times) {
		if (section.bowl !== undefined && !mixed.has(section.bowl)) mixed.set(section.bowl, from);
	}
	return mixed;
}

const mixedMinute = ({ section, from }: Timed, mixed: ReadonlyMap<BowlId, number>): number =>
	(section.bowl === undefined ? undefined : mixed.get(section.bowl)) ?? from;

/** Whether one bowl stays fresh over these sections; a single long one has to do, and a weighed one is what it is. */
function staysFresh(times: readonly Timed[], first: number, last: number): boolean {
	if (first === last) return true;
	const { bowl } = times[first]!.section;
	if (bowl !== times[last]!.section.bowl) return false;
	return bowl !== undefined || times[last]!.to - times[first]!.from <= BOWL_LIFE_MINUTES;
}

/** For every strength, which of those up to it has the least top; -1 where none has any. */
function leastBelow(tops: Float64Array, offset: number, width: number): Int16Array {
	const least = new Int16Array(width);
	let best = -1;
	for (let s = 0; s < width; s++) {
		const top = tops[offset + s]!;
		if (top < Infinity && (best < 0 || top < tops[offset + best]!)) best = s;
		least[s] = best;
	}
	return least;
}

/** The runs that led to an end, first bowl first. */
function backtrack(
	led: readonly (readonly (Run | undefined)[])[],
	from: readonly Int32Array[],
	lastBowl: number,
	end: number
): Run[] {
	const runs: Run[] = [];
	let at = end;
	for (let bowl = lastBowl; bowl >= 0; bowl--) {
		runs.unshift(led[bowl]![at]!);
		at = from[bowl]![at]!;
	}
	return runs;
}

/** Even enough, and close enough to the aim. */
export const isMet = ({ spread, shortfall }: Pick<Choice, 'spread' | 'shortfall'>): boolean =>
	spread <= STAGING.evenEnough && shortfall <= STAGING.nearEnough;

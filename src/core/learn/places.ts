import type { Personal } from './personal';

/** Something that was seen, and what it says of the rate. */
export interface PlaceEvidence<P extends string> {
	/** The place that it was seen at; left out, it speaks of the head. */
	readonly place?: P | undefined;
	/** Log of the probability of what was seen, by log(rate) there. */
	readonly logLikelihood: (logRate: number) => number;
}

/** Steps of the grids of head and place, and how many deviations they reach to either side. */
export interface PlaceGrid {
	readonly head: number;
	readonly place: number;
	readonly span: number;
	readonly placeSpan: number;
}

/** How fast a place lifts. */
interface PlaceRate {
	/** log(rate) there: the head's and its own. */
	readonly at: Personal;
	/** Its own beside the head's. */
	readonly beside: Personal;
}

interface Weighted {
	readonly at: number;
	readonly weight: number;
}

/** Mean and spread of a weighted grid. */
function momentsOf(points: readonly Weighted[]): Personal {
	const total = points.reduce((sum, { weight }) => sum + weight, 0);
	const mean = points.reduce((sum, { at, weight }) => sum + at * weight, 0) / total;
	const variance =
		points.reduce((sum, { at, weight }) => sum + weight * (at - mean) ** 2, 0) / total;
	return { mean, sd: Math.sqrt(Math.max(1e-8, variance)) };
}

const normalGrid = (steps: number, span: number) =>
	Array.from({ length: steps }, (_, i) => {
		const z = span * ((2 * i) / (steps - 1) - 1);
		return { z, weight: Math.exp(-(z * z) / 2) };
	});

/** Weights relative to the largest, so that much evidence does not run out of numbers. */
function fromLogs(logs: readonly number[]): number[] {
	const largest = Math.max(...logs);
	return logs.map((log) => Math.exp(log - largest));
}

/**
 * What was seen, summed up on the grids of head and place: logs of likelihoods. More can be added to it, and all of it
 * can count for less, without going through what was seen before once more.
 */
export interface RateSums<P extends string> {
	/** By the steps of the head: what speaks of the head alone. */
	readonly head: Readonly<Float64Array>;
	/** By the steps of the head, and within each by those of the place. */
	readonly places: ReadonlyMap<P, Readonly<Float64Array>>;
}

/** The steps of both grids, as log(rate). */
interface GridSteps {
	readonly head: readonly { readonly at: number; readonly log: number }[];
	readonly offsets: readonly { readonly at: number; readonly log: number }[];
}

const stepsOf = (before: Personal, placeSd: number, grid: PlaceGrid): GridSteps => ({
	head: normalGrid(grid.head, grid.span).map(({ z, weight }) => ({
		at: before.mean + before.sd * z,
		log: Math.log(weight)
	})),
	offsets: normalGrid(grid.place, grid.placeSpan).map(({ z, weight }) => ({
		at: placeSd * z,
		log: Math.log(weight)
	}))
});

/**
 * Adds what was seen to what is summed up.
 * @param sums before it; left out, nothing was seen
 * @param counts what was summed up before counts for this much of itself, 0-1
 */
export function addSeen<P extends string>(
	evidence: readonly PlaceEvidence<P>[],
	before: Personal,
	placeSd: number,
	grid: PlaceGrid,
	sums?: RateSums<P>,
	counts = 1
): RateSums<P> {
	const { head, offsets } = stepsOf(before, placeSd, grid);
	const inTotal = Float64Array.from(head, (_, i) => counts * (sums?.head[i] ?? 0));
	const places = new Map<P, Float64Array>(
		[...(sums?.places ?? [])].map(([name, own]) => [name, own.map((log) => counts * log)])
	);
	for (const { place, logLikelihood } of evidence) {
		if (place === undefined) {
			for (const [i, { at }] of head.entries()) inTotal[i]! += logLikelihood(at);
			continue;
		}
		const own = places.get(place) ?? new Float64Array(head.length * offsets.length);
		places.set(place, own);
		for (const [i, { at }] of head.entries())
			for (const [o, offset] of offsets.entries())
				own[i * offsets.length + o]! += logLikelihood(at + offset.at);
	}
	return { head: inTotal, places };
}

/**
 * Bayes on log(rate): one factor that a head shares, and one that each place has beside it. Worked out on a grid of
 * both; places are independent of one another once the head is known.
 * @param before of the head
 * @param placeSd of a place beside its head
 * @returns posterior of the head, and of each place that something was seen at
 */
export const headAndPlaces = <P extends string>(
	evidence: readonly PlaceEvidence<P>[],
	before: Personal,
	placeSd: number,
	grid: PlaceGrid
) => ratesBy(addSeen(evidence, before, placeSd, grid), before, placeSd, grid);

/** The same of what is summed up. */
export function ratesBy<P extends string>(
	sums: RateSums<P>,
	before: Personal,
	placeSd: number,
	grid: PlaceGrid
): { readonly head: Personal; readonly places: ReadonlyMap<P, PlaceRate> } {
	const { head, offsets } = stepsOf(before, placeSd, grid);
	const names = [...sums.places.keys()];
	/** For each place and each rate of the head: how likely what was seen there is, offset by offset. */
	const rows = names.map((name) => {
		const own = sums.places.get(name)!;
		return head.map((_, i) => {
			const logs = offsets.map((offset, o) => offset.log + own[i * offsets.length + o]!);
			const weights = fromLogs(logs);
			const total = weights.reduce((sum, weight) => sum + weight, 0);
			return { log: Math.max(...logs) + Math.log(total), shares: weights.map((w) => w / total) };
		});
	});
	const weights = fromLogs(
		head.map(({ log }, i) => rows.reduce((sum, row) => sum + row[i]!.log, log + sums.head[i]!))
	);
	const total = weights.reduce((sum, weight) => sum + weight, 0);
	/** Mean and spread of something of a place, over both grids. */
	const momentsAt = (place: number, of: (at: number, offset: number) => number): Personal => {
		let first = 0;
		let second = 0;
		for (const [i, { at }] of head.entries())
			for (const [o, offset] of offsets.entries()) {
				const weight = (weights[i]! * rows[place]![i]!.shares[o]!) / total;
				const value = of(at, offset.at);
				first += weight * value;
				second += weight * value * value;
			}
		return { mean: first, sd: Math.sqrt(Math.max(1e-8, second - first * first)) };
	};
	return {
		head: momentsOf(head.map(({ at }, i) => ({ at, weight: weights[i]! }))),
		places: new Map(
			names.map((name, place) => [
				name,
				{
					at: momentsAt(place, (at, offset) => at + offset),
					beside: momentsAt(place, (_, offset) => offset)
				}
			])
		)
	};
}

import { volumeCeiling } from '../caution';
import type { Porosity } from '../hair';
import {
	DEFAULT_LIMIT_MINUTES,
	readyHead,
	type Fibre,
	type HeadFactors,
	type Mixture,
	type Placement,
	type Product,
	type ReadyPoint,
	type Section,
	type Spread
} from '../lift';
import { STAGING } from './constants';

/** A part of the work, in the order in which it is done. */
export interface WorkSection {
	readonly name: string;
	/** Grams of ready mixture it takes. */
	readonly grams: number;
	readonly minutesToApply: number;
	readonly placement: Placement;
	/** The section's own hair, where it differs from the head's. */
	readonly fibre?: Fibre | undefined;
	readonly factors?: HeadFactors | undefined;
	readonly section?: Section | undefined;
	/** Rinsed at this minute from the first brush stroke; left out, with all the others. */
	readonly rinseMinute?: number | undefined;
	/** Fine and quick: its bowl may be weaker than the one before. */
	readonly fineHairline?: boolean | undefined;
	/** A strength that is settled already, volumes. */
	readonly lockedVolume?: number | undefined;
	/** Minutes left out before it: a rest, or another job. */
	readonly pauseBefore?: number | undefined;
}

export interface StagingProblem {
	readonly sections: readonly WorkSection[];
	readonly fibre: Fibre;
	readonly factors: HeadFactors;
	/** Condition index before, 0-100. */
	readonly condition?: number | undefined;
	readonly product: Product;
	readonly ratio: number;
	/** Other ratios that may serve as a lever; left out, the one ratio alone. */
	readonly ratios?: readonly number[] | undefined;
	readonly damp?: boolean | undefined;
	readonly bondAdditive?: boolean | undefined;
	/** Developer strengths in stock, volumes. */
	readonly stock: readonly number[];
	/** Strongest bowl allowed, volumes; the ceiling of product and place holds beside it. */
	readonly ceiling: number;
	/** Minute of the rinse, from the first brush stroke. */
	readonly rinseMinute: number;
	/** Level all sections should be at; left out, the highest that the weakest of them can reach. */
	readonly target?: number | undefined;
	/** Longest the product may stay, minutes; packets past it are rinsed first. */
	readonly limitMinutes?: number | undefined;
	readonly spread?: Spread | undefined;
}

export interface StagingProblemFault {
	readonly problem: 'noSections' | 'noStrength' | 'rinseTooEarly';
	readonly message: string;
}

/** One strength a bowl may have. */
export interface Strength {
	readonly volume: number;
	readonly ratio: number;
}

export interface Timed {
	readonly section: WorkSection;
	readonly from: number;
	readonly to: number;
	/** The minute from which it counts: the middle of its application. */
	readonly at: number;
	readonly rinse: number;
	readonly rinsedFirst: boolean;
}

/** Start, end and rinse of every section, from the first brush stroke. */
export function timesOf(problem: StagingProblem): Timed[] {
	const limit = problem.limitMinutes ?? DEFAULT_LIMIT_MINUTES;
	let clock = 0;
	return problem.sections.map((section) => {
		const from = clock + (section.pauseBefore ?? 0);
		const to = from + section.minutesToApply;
		clock = to;
		const at = (from + to) / 2;
		const wanted = section.rinseMinute ?? problem.rinseMinute;
		return {
			section,
			from,
			to,
			at,
			rinse: Math.min(wanted, at + limit),
			rinsedFirst: wanted > at + limit
		};
	});
}

/** Strengths that can be weighed out of the stock, weakest first; steps of 2.5 vol. */
export function strengthsFor(problem: StagingProblem): Strength[] {
	const { stock, product, ratio } = problem;
	const places = problem.sections.map(({ placement }) => volumeCeiling(product, placement));
	const ceiling = Math.min(problem.ceiling, ...places, Math.max(...stock));
	const least = Math.max(STAGING.leastVolume, Math.min(...stock));
	const volumes = new Set(stock.filter((volume) => volume >= least && volume <= ceiling));
	for (
		let volume = Math.ceil(least / STAGING.step) * STAGING.step;
		volume <= ceiling + 1e-9;
		volume += STAGING.step
	) {
		volumes.add(volume);
	}
	const ratios = [...new Set([ratio, ...(problem.ratios ?? [])])];
	const power = ({ volume, ratio }: Strength) => (volume * ratio) / (1 + ratio) / (1 + ratio);
	return [...volumes]
		.flatMap((volume) => ratios.map((ratio) => ({ volume, ratio })))
		.sort((p, q) => power(p) - power(q));
}

/** How a section ends with a strength from a bowl mixed at a minute. */
export function readySection(
	problem: StagingProblem,
	{ section, at }: Timed,
	{ volume, ratio }: Strength,
	mixedMinute: number
): ReadyPoint {
	const mixture: Mixture = {
		product: problem.product,
		volume,
		ratio,
		placement: section.placement,
		section: section.section,
		damp: problem.damp,
		bondAdditive: problem.bondAdditive
	};
	const porosity: Porosity = 'normal';
	const point = {
		distanceCm: PAST_THE_HEAT,
		fibre: section.fibre ?? problem.fibre,
		condition: problem.condition ?? 100,
		porosity
	};
	const head = readyHead(
		[{ name: 'back', whiteShare: 0, points: [point] }],
		[{ kind: 'apply', minute: at, mixedMinute, mixture }],
		section.factors ?? problem.factors
	);
	return head.areas[0]!.points[0]!;
}

/** Sections are foils and strips of lengths: past the scalp's warmth, cm. */
const PAST_THE_HEAT = 30;

/** What stands in the way of a staging, before any search. */
export function faultOf(problem: StagingProblem): StagingProblemFault | undefined {
	if (problem.sections.length === 0) {
		return { problem: 'noSections', message: 'There is no section to work on yet.' };
	}
	if (problem.stock.length === 0 || strengthsFor(problem).length === 0) {
		return {
			problem: 'noStrength',
			message: `No developer in stock makes a bowl between ${STAGING.leastVolume} vol and the ceiling of ${problem.ceiling} vol.`
		};
	}
	const last = timesOf(problem).at(-1)!;
	if (last.rinse <= last.at) {
		return {
			problem: 'rinseTooEarly',
			message: `The rinse comes before ${last.section.name} is on: rinse later than minute ${Math.ceil(last.to)}.`
		};
	}
	return undefined;
}

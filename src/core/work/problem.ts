import { volumeCeiling, type Ceilings } from '../caution';
import type { Porosity } from '../hair';
import {
	DEFAULT_LIMIT_MINUTES,
	readyHead,
	type AreaName,
	type Fibre,
	type HeadFactors,
	type LiftEvent,
	type Mixture,
	type Placement,
	type Product,
	type SecondLightener,
	type ReadyPoint,
	type Section,
	type Spread
} from '../lift';
import { STAGING } from './constants';
import type { BowlId, SectionId } from './ids';

/** A part of the work, in the order in which it is done. */
export interface WorkSection {
	readonly id: SectionId;
	/** Where on the head it lies: what is near one another shares its warmth. */
	readonly area?: AreaName | undefined;
	/** Grams of ready mixture it takes. */
	readonly grams: number;
	readonly minutesToApply: number;
	readonly placement: Placement;
	/** Whether the product touches the skin there; left out, what the place alone tells. */
	readonly onScalp?: boolean | undefined;
	/** The section's own hair, where it differs from the head's. */
	readonly fibre?: Fibre | undefined;
	readonly factors?: HeadFactors | undefined;
	readonly section?: Section | undefined;
	/** Rinsed at this minute from the first brush stroke; left out, with all the others. */
	readonly rinseMinute?: number | undefined;
	/** It does not wait for the others: wiped off at its own minute. */
	readonly wipedWhenReady?: boolean | undefined;
	/** Fine and quick: its bowl may be weaker than the one before. */
	readonly fineHairline?: boolean | undefined;
	/** A strength that is settled already, volumes; and its ratio, where that is another than the rest's. */
	readonly lockedVolume?: number | undefined;
	readonly lockedRatio?: number | undefined;
	/** The bowl that is weighed for it: whatever comes out of that bowl is of one strength and one age. */
	readonly bowl?: BowlId | undefined;
	/** Its bowl is mixed for it, however fresh the one before still is. */
	readonly freshBowl?: boolean | undefined;
	/** How many levels above the head's it is to come out; negative: below. */
	readonly aimAbove?: number | undefined;
	/** Where on the strand it is judged, cm from the scalp; left out, past the scalp's warmth. */
	readonly distanceCm?: number | undefined;
	/** Condition index of its hair before, 0-100, where it differs from the head's. */
	readonly condition?: number | undefined;
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
	/** A second lightener in the same bowls, and its share of the lightener. */
	readonly second?: SecondLightener | undefined;
	readonly ratio: number;
	/** Other ratios that may serve as a lever; left out, the one ratio alone. */
	readonly ratios?: readonly number[] | undefined;
	readonly damp?: boolean | undefined;
	readonly bondAdditive?: boolean | undefined;
	/** Developer strengths in stock, volumes. */
	readonly stock: readonly number[];
	/** Strongest bowl allowed, volumes; the ceiling of product and place holds beside it. */
	readonly ceiling: number;
	/** The salon's own ceilings by product and place; left out, the usual ones. */
	readonly ceilings?: Ceilings | undefined;
	/** Weakest bowl that may be mixed, volumes; left out, the usual 10. */
	readonly leastVolume?: number | undefined;
	/** Finest step of the scale, g. */
	readonly step?: number | undefined;
	/** Minute of the rinse, from the first brush stroke. */
	readonly rinseMinute: number;
	/** Level all sections should be at; left out, the highest that the weakest of them can reach. */
	readonly target?: number | undefined;
	/** Longest the product may stay, minutes; packets past it are rinsed first. */
	readonly limitMinutes?: number | undefined;
	readonly spread?: Spread | undefined;
}

/** What stands in the way of a staging, with the facts that tell it. */
export type StagingProblemFault =
	| { readonly problem: 'noSections' }
	/** Nothing in stock, or nothing that is allowed where these sections lie. */
	| {
			readonly problem: 'noStrength';
			readonly leastVolume: number;
			readonly ceiling: number;
			readonly section?: SectionId | undefined;
	  }
	| { readonly problem: 'rinseTooEarly'; readonly section: SectionId; readonly onAtMinute: number };

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
	/** When it stops working: the rinse, or before it the minute at which its packet is wiped off. */
	readonly rinse: number;
	/** Past the product's limit it would not wait for the others: wiped off first. */
	readonly wipedFirst: boolean;
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
			wipedFirst: wanted > at + limit || section.wipedWhenReady === true
		};
	});
}

/** The strongest bowl that the place of a section allows, volumes. */
export const ceilingAt = (
	{ ceiling, product, ceilings }: StagingProblem,
	{ placement, onScalp }: Pick<WorkSection, 'placement' | 'onScalp'>
): number => Math.min(ceiling, volumeCeiling(product, placement, ceilings, onScalp));

/**
 * Strengths that can be weighed out of the stock, weakest first; steps of 2.5 vol. What is settled for a
 * section stands among them, whatever the ceiling says: it was mixed, or decided.
 */
export function strengthsFor(problem: StagingProblem): Strength[] {
	const { stock, ratio, sections } = problem;
	const ceiling = Math.min(
		Math.max(...sections.map((section) => ceilingAt(problem, section))),
		Math.max(...stock)
	);
	const least = Math.max(problem.leastVolume ?? STAGING.leastVolume, Math.min(...stock));
	const volumes = new Set(stock.filter((volume) => volume >= least && volume <= ceiling));
	for (
		let volume = Math.ceil(least / STAGING.step) * STAGING.step;
		volume <= ceiling + 1e-9;
		volume += STAGING.step
	) {
		volumes.add(volume);
	}
	// A strength between the steps that was chosen is one of them.
	if (ceiling >= least) volumes.add(ceiling);
	const ratios = new Set([ratio, ...(problem.ratios ?? [])]);
	const strengths = [...volumes].flatMap((volume) =>
		[...ratios].map((ratio) => ({ volume, ratio }))
	);
	for (const { lockedVolume, lockedRatio } of sections) {
		if (lockedVolume === undefined) continue;
		const locked = { volume: lockedVolume, ratio: lockedRatio ?? ratio };
		if (!strengths.some((strength) => sameStrength(strength, locked))) strengths.push(locked);
	}
	const power = ({ volume, ratio }: Strength) => (volume * ratio) / (1 + ratio) / (1 + ratio);
	return strengths.sort((p, q) => power(p) - power(q));
}

const sameStrength = (one: Strength, other: Strength): boolean =>
	one.volume === other.volume && one.ratio === other.ratio;

/** Whether a section may be worked with a strength: what is settled, or whatever its place allows. */
export function mayTake(
	problem: StagingProblem,
	section: WorkSection,
	strength: Strength
): boolean {
	const { lockedVolume, lockedRatio } = section;
	if (lockedVolume !== undefined) {
		return sameStrength(strength, {
			volume: lockedVolume,
			ratio: lockedRatio ?? problem.ratio
		});
	}
	const ratios = [problem.ratio, ...(problem.ratios ?? [])];
	return strength.volume <= ceilingAt(problem, section) && ratios.includes(strength.ratio);
}

/** What is done to a section while it lies. */
export type LaterEvent =
	| (LiftEvent & { readonly kind: 'place' | 'wipe' | 'rinse' })
	/** A fresh mixture over it; of another strength it is another application. */
	| { readonly kind: 'recoat'; readonly minute: number; readonly volume: number };

/** How a section ends with a strength from a bowl mixed at a minute. */
export function readySection(
	problem: StagingProblem,
	{ section, at }: Timed,
	{ volume, ratio }: Strength,
	mixedMinute: number,
	later: readonly LaterEvent[] = []
): ReadyPoint {
	const mixture: Mixture = {
		product: problem.product,
		second: problem.second,
		volume,
		ratio,
		placement: section.placement,
		section: section.section,
		damp: problem.damp,
		bondAdditive: problem.bondAdditive
	};
	const porosity: Porosity = 'normal';
	const point = {
		distanceCm: section.distanceCm ?? PAST_THE_HEAT,
		fibre: section.fibre ?? problem.fibre,
		condition: section.condition ?? problem.condition ?? 100,
		porosity
	};
	const head = readyHead(
		[{ name: 'back', whiteShare: 0, points: [point] }],
		[
			{ kind: 'apply', minute: at, mixedMinute, mixture },
			...later.map((event): LiftEvent =>
				event.kind === 'recoat'
					? event.volume === volume
						? { kind: 'refresh', minute: event.minute }
						: { kind: 'apply', minute: event.minute, mixture: { ...mixture, volume: event.volume } }
					: event
			)
		],
		section.factors ?? problem.factors
	);
	return head.areas[0]!.points[0]!;
}

/** Sections are foils and strips of lengths: past the scalp's warmth, cm. */
const PAST_THE_HEAT = 30;

/** What stands in the way of a staging, before any search. */
export function faultOf(problem: StagingProblem): StagingProblemFault | undefined {
	if (problem.sections.length === 0) return { problem: 'noSections' };
	const leastVolume = problem.leastVolume ?? STAGING.leastVolume;
	const strengths = problem.stock.length === 0 ? [] : strengthsFor(problem);
	if (strengths.length === 0) {
		return { problem: 'noStrength', leastVolume, ceiling: problem.ceiling };
	}
	const barred = problem.sections.find(
		(section) => !strengths.some((strength) => mayTake(problem, section, strength))
	);
	if (barred) {
		const ceiling = ceilingAt(problem, barred);
		return { problem: 'noStrength', leastVolume, ceiling, section: barred.id };
	}
	const last = timesOf(problem).at(-1)!;
	if (last.rinse <= last.at) {
		return {
			problem: 'rinseTooEarly',
			section: last.section.id,
			onAtMinute: Math.ceil(last.to)
		};
	}
	return undefined;
}

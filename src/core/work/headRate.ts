import {
	headAndPlaces,
	logLikelihood,
	WORD_APART,
	type Personal,
	type PlaceEvidence,
	type Spoken
} from '../learn';
import { placeSdOf, pointAt, SPREAD, type AreaName } from '../lift';
import type { HeadStaging } from './headStaging';
import type { SectionId, StrandPart } from './ids';
import { laidSections, strandOf, targetOf, type LaidSection, type ServiceRun } from './onHead';
import type { Staging } from './staging';

/** What was seen of a section. */
export interface SectionCheck extends Spoken {
	readonly section: SectionId;
	readonly part?: StrandPart | undefined;
	/** From the first brush stroke. */
	readonly minute: number;
	/** Level that was seen; it says more than the word. */
	readonly level?: number | undefined;
	/** Its packet felt hot. */
	readonly isHot?: boolean | undefined;
}

/** How fast a head lifts, as its checks tell it. */
export interface HeadRate {
	/** log(rate) of the head against a typical one, before the checks and after them. */
	readonly before: Personal;
	readonly head: Personal;
	/** The last check that counts: nothing that follows from it lies before this minute. */
	readonly sinceMinute: number;
	/** Factor on the rate that the head was planned with, at a place; left out, where nobody looked. */
	factorOf(area: AreaName | undefined): number;
	/** log(rate) at a place; its warmth and saturation are part of it. */
	at(area: AreaName | undefined): Personal;
}

/** The last look at a section; nothing before the first. */
export const latestOf = (
	checks: readonly SectionCheck[],
	section: SectionId,
	part: StrandPart | undefined
): SectionCheck | undefined =>
	checks
		.filter((one) => one.section === section && one.part === part)
		.reduce<SectionCheck | undefined>(
			(last, one) => (last && last.minute > one.minute ? last : one),
			undefined
		);

/** Whether a look says that the section is where it is to be. */
export const isSeenReady = (
	seen: Pick<SectionCheck, 'word' | 'level'> | undefined,
	target: number
): boolean =>
	seen?.level === undefined ? seen?.word === 'ready' : seen.level >= target - WORD_APART;

/** Of a section nobody said where it lies; it has warmth and saturation of its own all the same. */
const SOMEWHERE = 'somewhere';
type Place = AreaName | typeof SOMEWHERE;

/** Steps of the grids of head and place, and of the table of levels that both look into. */
const GRID = { head: 81, place: 13, levels: 49, span: 4, placeSpan: 3 } as const;

/**
 * How fast this head lifts, learned inside the visit: Bayes on log(rate), one factor that the head shares and
 * one that each area has beside it for its own warmth and saturation. A level seen is normal around the level
 * that the engine expects at a rate, with the error of an eye; a word is the share of that normal that lies
 * nearer to half a level behind, to what was expected, or to the target.
 * @returns nothing without a check on a section that lay
 */
export function headRate(
	head: HeadStaging,
	staging: Staging,
	run: Omit<ServiceRun, 'minute'>,
	checks: readonly SectionCheck[]
): HeadRate | undefined {
	const sinceMinute = Math.max(...checks.map(({ minute }) => minute));
	const laid =
		checks.length === 0 ? [] : laidSections(head, staging, { ...run, minute: sinceMinute });
	const spread = head.common.spread ?? SPREAD;
	const before: Personal = {
		mean: Math.log(head.common.factors.personal ?? 1),
		sd: spread.logPersonal
	};
	const placeSd = placeSdOf(spread);
	const reach = GRID.span * before.sd + GRID.placeSpan * placeSd;
	const evidence = checks.flatMap((check): PlaceEvidence<Place>[] => {
		const one = laid.find(
			({ finish, part }) => finish.section === check.section && part === check.part
		);
		if (!one || check.minute <= one.at) return [];
		return [evidenceOf(check, one, targetOf(one, staging), before.mean, reach)];
	});
	if (evidence.length === 0) return undefined;
	const { head: posterior, places } = headAndPlaces(evidence, before, placeSd, GRID);
	const elsewhere: Personal = { mean: posterior.mean, sd: Math.hypot(posterior.sd, placeSd) };
	const at = (area: AreaName | undefined) => places.get(area ?? SOMEWHERE)?.at ?? elsewhere;
	return {
		before,
		head: posterior,
		sinceMinute,
		at,
		factorOf: (area) => Math.exp(at(area).mean - before.mean)
	};
}

function evidenceOf(
	check: SectionCheck,
	one: LaidSection,
	target: number,
	mean: number,
	reach: number
): PlaceEvidence<Place> {
	const { minute, level } = check;
	const told = level === undefined ? { ...check, target } : { seen: level };
	const step = (2 * reach) / (GRID.levels - 1);
	const levels = Float64Array.from(
		{ length: GRID.levels },
		(_, i) => pointAt(strandOf(one, Math.exp(i * step - reach)), minute).level
	);
	const levelAt = (logRate: number): number => {
		const at = Math.min(GRID.levels - 1.001, Math.max(0, (logRate - mean + reach) / step));
		const i = Math.floor(at);
		return levels[i]! + (levels[i + 1]! - levels[i]!) * (at - i);
	};
	return {
		place: one.planned.section.area ?? SOMEWHERE,
		logLikelihood: (logRate) => logLikelihood(told, levelAt(logRate))
	};
}

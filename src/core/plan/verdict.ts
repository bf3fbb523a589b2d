import type { SectionId, StrandPart } from '../work';
import { PLAN } from './constants';
import type { AimJudgement } from './judge';
import type { SessionsEstimate } from './sessions';

/**
 * Why some of a head stays behind the rest: it is put on late or rinsed early, its bowl is weaker than was chosen, or the
 * mixture does no more for its hair.
 */
export type BehindWhy = 'time' | 'strength' | 'hair';

/** What of a head stays short of its aim at the end of the day. */
export interface Behind {
	readonly section: SectionId;
	readonly part?: StrandPart | undefined;
	/** Where it comes to, and how far below its aim that is, levels. */
	readonly level: number;
	readonly by: number;
	readonly why: BehindWhy;
	/** Minutes that its bowl lies on it, and the longest that any lies on the head. */
	readonly minutes: number;
	readonly longest: number;
	/** Strength of its bowl, volumes. */
	readonly volume: number;
}

/** How a head comes out by the day as it is staged. */
export interface DayEnd {
	/** The lowest condition index of it, 0-100. */
	readonly condition: number;
	/** The section that misses its aim by most; nothing where all come near. */
	readonly behind: Behind | undefined;
}

/** What the answer to an aim rests on. */
export interface VerdictGrounds {
	/** What the aim takes at its best, piece by piece. */
	readonly judgement: AimJudgement;
	/** How the head comes out by the day as it is staged; nothing before its bowls are found, or where nothing is put on. */
	readonly end: DayEnd | undefined;
	/** What the same day takes when it is repeated, where somebody set it otherwise than Aim's plan. */
	readonly repeated: SessionsEstimate | undefined;
}

/** The answer to an aim: today, in so many visits, or not with this hair; of the whole day as it is worked. */
export interface DayVerdict extends Pick<
	AimJudgement,
	'verdict' | 'visits' | 'weeks' | 'condition' | 'lifts'
> {
	/** What of the head stays behind on a day that is to bring all of it there. */
	readonly behind: Behind | undefined;
	/** Aim's plan; it is another than the day that is worked where `isOwn`. */
	readonly judgement: AimJudgement;
	/** Somebody set the day otherwise than Aim's plan. */
	readonly isOwn: boolean;
	/** Where a day of one's own that is repeated comes to, and what ends it, where that is short of the aim. */
	readonly stops?:
		| { readonly level: number | undefined; readonly stoppedBy: SessionsEstimate['stoppedBy'] }
		| undefined;
}

/**
 * The one answer to an aim, asked by every station. Where nobody set the day otherwise it is that of Aim's plan, worked
 * through as it is staged; else that of the day as it was set. Old dark colour is never promised to go in one day.
 */
export function dayVerdict({ judgement, end, repeated }: VerdictGrounds): DayVerdict {
	const { verdict, visits, weeks, lifts } = judgement;
	const condition =
		end && visits <= 1 ? Math.min(end.condition, judgement.condition) : judgement.condition;
	const aims: DayVerdict = {
		verdict,
		visits,
		weeks,
		condition,
		lifts,
		behind: verdict === 'today' ? end?.behind : undefined,
		judgement,
		isOwn: false
	};
	if (!repeated || verdict === 'already') return aims;
	const last = repeated.visits.at(-1);
	const own = {
		...aims,
		isOwn: true,
		lifts: last && { level: last.level, low: last.low, high: last.high }
	};
	if (
		end &&
		end.behind === undefined &&
		!judgement.darkColour &&
		end.condition >= PLAN.minCondition
	)
		return { ...own, verdict: 'today', visits: 1, weeks: 0, condition: end.condition };
	if (repeated.reaches && last) {
		const { length } = repeated.visits;
		const isToday = length === 1 && !judgement.darkColour;
		return {
			...own,
			verdict: isToday ? 'today' : 'visits',
			visits: isToday ? 1 : Math.max(2, length),
			weeks: isToday ? 0 : Math.max(last.week, PLAN.restWeeks),
			// Of typical hair at what was chosen, and of the slowest and the most worn as it is staged, the lower.
			condition: isToday && end ? Math.min(end.condition, last.condition) : last.condition,
			behind: isToday ? end?.behind : undefined
		};
	}
	// What no plan brings about is told as such, whatever was set.
	if (verdict === 'notSo') return aims;
	return {
		...own,
		verdict: 'notSo',
		visits: repeated.visits.length,
		weeks: last?.week ?? 0,
		condition: last?.condition ?? condition,
		behind: undefined,
		stops: { level: last?.level, stoppedBy: repeated.stoppedBy }
	};
}

/** The answer of Aim’s plan alone, before anybody says how the head is worked. */
export const planVerdict = (judgement: AimJudgement): DayVerdict =>
	dayVerdict({ judgement, end: undefined, repeated: undefined });

/**
 * Weeks after today of the visits that an answer takes, today first; evenly spread, as rests are.
 * @returns none where nothing is lifted, or no number of visits does it
 */
export function visitWeeks({ verdict, visits, weeks }: DayVerdict): number[] {
	if (verdict === 'already' || verdict === 'notSo') return [];
	return Array.from({ length: visits }, (_, i) => (i * weeks) / Math.max(1, visits - 1));
}

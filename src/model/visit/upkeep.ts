import { levelOf, hexOf, rgbOf, type Lab, type Rgb } from '../../core/colour';
import { describeTone } from '../../core/hair';
import { freshenWeek, priceRange, type AimJudgement } from '../../core/plan';
import type { Visit } from '../../schema/records';
import { isBegun } from '../day/clocks';
import type { AimStrands } from './aimStrands';
import { deciding, isWorkedSo } from './planDay';
import { planWork, sumOf, type PlanHead, type VisitCost } from './planWork';

/** Weeks whose strands are shown. */
const WEEKS = [0, 2, 4, 6, 8, 12] as const;

export interface UpkeepWeek {
	readonly week: number;
	readonly lab: Lab;
	readonly rgb: Rgb;
	readonly level: number;
	readonly hex: string;
	readonly words: string;
	/** Share of the toner that is left. */
	readonly left: number;
}

/** A colour some weeks after the day. */
export interface Fading {
	/** `level` is told where white hair is mixed into the colour: of what is pigmented of it. */
	readonly after: (weeks: number) => {
		readonly lab: Lab;
		readonly left: number;
		readonly level?: number;
	};
}

/**
 * Whether something was put on by now: then the client is told of the hair as it goes home, and before of what they
 * wish for.
 */
export const isUnderway = (visit: Visit): boolean =>
	isBegun(visit) || visit.result.recordedAt !== undefined || visit.settled.includes('tone');

/** How a colour fades at this client's washes, week by week. */
export function fadeWeeks(fading: Fading): UpkeepWeek[] {
	return WEEKS.map((week) => {
		const { lab, left, level = levelOf(lab) } = fading.after(week);
		return {
			week,
			lab,
			rgb: rgbOf(lab),
			level,
			hex: hexOf(lab),
			words: describeTone(lab, left > 0.2 ? 'toned' : 'lightened'),
			left
		};
	});
}

/** The week in which the toner is worth freshening, looked for week by week up to half a year. */
export function freshenIn(strands: AimStrands): number | undefined {
	const weeks = Array.from({ length: 27 }, (_, week) => {
		const { lab, left } = strands.after(week);
		return { week, lab, left, level: levelOf(lab) };
	});
	return weeks[0]!.left > 0 ? freshenWeek(weeks) : undefined;
}

/** Hours and price of what is planned: of each visit, and of all. */
export interface Cost {
	readonly visits: readonly VisitCost[];
	readonly chairMinutes: number;
	readonly price: { readonly low: number; readonly high: number } | undefined;
}

/**
 * What the day that is planned and the visits after it take. Where the day is the first of Aim's plan, later visits
 * count as that plan says, otherwise each as today does.
 * @param planned weeks of the visits as the day is worked, today first; empty where nothing is to be lightened
 */
export function cost(
	on: PlanHead,
	planned: readonly { readonly week: number }[],
	judgement: AimJudgement | undefined
): Cost | undefined {
	const plan = judgement && deciding(judgement)?.plan;
	const isAims = plan !== undefined && isWorkedSo(on.visit, plan);
	if (planned.length === 0 && !isAims) return undefined;
	const { chairMinutes, price } = on.today;
	const repeated = () =>
		[{ week: 0 }, ...planned.slice(1)].map(({ week }) => ({ week, chairMinutes, price }));
	const visits = isAims ? planWork(plan, on) : repeated();
	const all = sumOf(visits);
	return { visits, ...all, price: all.price === undefined ? undefined : priceRange(all.price) };
}

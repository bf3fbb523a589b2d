import { levelOf, hexOf, rgbOf, type Lab, type Rgb } from '../../core/colour';
import { describeTone } from '../../core/hair';
import {
	freshenWeek,
	priceRange,
	visitWeeks,
	type DayVerdict,
	type ServicePlan
} from '../../core/plan';
import type { Visit } from '../../schema/records';
import { isBegun } from '../day/clocks';
import type { AimStrands } from './aimStrands';
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
 * What the visits of an answer take: those of Aim’s plan as it says, those of a day that somebody set each as today does.
 * @param answer nothing before it is known
 * @param plan Aim’s
 * @returns nothing where nothing is to be lightened, or no number of visits does it
 */
export function cost(
	on: PlanHead,
	answer: DayVerdict | undefined,
	plan: ServicePlan | undefined
): Cost | undefined {
	if (!answer) return undefined;
	const { chairMinutes, price } = on.today;
	const visits =
		plan && !answer.isOwn
			? planWork(plan, on)
			: visitWeeks(answer).map((week) => ({ week, chairMinutes, price }));
	if (visits.length === 0) return undefined;
	const all = sumOf(visits);
	return { visits, ...all, price: all.price === undefined ? undefined : priceRange(all.price) };
}

import type { ServicePlan } from '../../core/plan';
import type { ClockAside } from '../../core/work';
import type { Shelf, Visit } from '../../schema/records';
import { dayOfVisit, isWorkedSo } from './planDay';
import { dayWork, type DayWork, type WorkedHead } from './work';

/** What a visit takes: minutes at the chair, and money where the salon has said what they cost. */
export interface VisitCost extends Pick<DayWork, 'chairMinutes' | 'price'> {
	/** Weeks after the first. */
	readonly week: number;
}

/** What the visits of a plan are reckoned on. */
export interface PlanHead {
	readonly visit: Visit;
	readonly head: WorkedHead;
	readonly shelf: Shelf | undefined;
	/** Colour that goes on beside the main application. */
	readonly aside: ClockAside | undefined;
	/** What today takes as it is planned, its bowls staged. */
	readonly today: Pick<DayWork, 'chairMinutes' | 'price'>;
}

/**
 * What each visit of a plan takes, by the same sums as a day that is worked: today as it is, where it is worked so, the
 * others as they are before any bowl of them is staged.
 */
export const planWork = (
	plan: ServicePlan,
	{ visit, head, shelf, aside, today }: PlanHead
): VisitCost[] => {
	const isToday = isWorkedSo(visit, plan);
	return plan.visits.map((each, i): VisitCost => {
		const { chairMinutes, price } =
			i === 0 && isToday
				? today
				: dayWork(dayOfVisit(each, visit.lift), head, shelf, undefined, aside);
		return { week: each.week, chairMinutes, price };
	});
};

/** What visits take together; no price where that of any is not known. */
export function sumOf(visits: readonly VisitCost[]): Omit<VisitCost, 'week'> {
	const prices = visits.flatMap(({ price }) => (price === undefined ? [] : [price]));
	const sum = (some: readonly number[]) => some.reduce((total, each) => total + each, 0);
	return {
		chairMinutes: sum(visits.map((each) => each.chairMinutes)),
		price: prices.length === visits.length ? sum(prices) : undefined
	};
}

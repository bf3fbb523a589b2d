import { dayAfter, DAYS_PER_WEEK } from '../time';
import { levelOf, hexOf, rgbOf, type Lab, type Rgb } from '../../core/colour';
import { describeTone } from '../../core/hair';
import { freshenWeek, priceRange, RETURN_WEEKS_BY_KIND, type AimJudgement } from '../../core/plan';
import type { Visit } from '../../schema/records';
import type { AimStrands } from './aimStrands';

/** Weeks whose strands are shown. */
const WEEKS = [0, 2, 4, 6, 8] as const;

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

/** How the colour fades at this client's washes, week by week. */
export function fadeWeeks(strands: AimStrands, washesPerWeek: number): UpkeepWeek[] {
	return WEEKS.map((week) => {
		const { lab, left } = strands.after(week * washesPerWeek);
		return {
			week,
			lab,
			rgb: rgbOf(lab),
			level: levelOf(lab),
			hex: hexOf(lab),
			words: describeTone(lab, left > 0.2 ? 'toned' : 'lightened'),
			left
		};
	});
}

/** The week in which the toner is worth freshening, looked for week by week up to half a year. */
export function freshenIn(strands: AimStrands, washesPerWeek: number): number | undefined {
	const weeks = Array.from({ length: 27 }, (_, week) => {
		const { lab, left } = strands.after(week * washesPerWeek);
		return { week, lab, left, level: levelOf(lab) };
	});
	return weeks[0]!.left > 0 ? freshenWeek(weeks) : undefined;
}

/** When to come back, as weeks and as days. */
export function returnDates({ aim, date }: Visit, finishWeek: number) {
	const weeks = RETURN_WEEKS_BY_KIND[aim.kind];
	return {
		weeks,
		from: dayAfter(date, (finishWeek + weeks.from) * DAYS_PER_WEEK),
		to: dayAfter(date, (finishWeek + weeks.to) * DAYS_PER_WEEK)
	};
}

/** Hours and price of what the aim takes: of each visit, and of all. */
export function cost(judgement: AimJudgement | undefined) {
	const plans = (judgement?.hair ?? []).flatMap(({ plan }) => (plan ? [plan] : []));
	// Hair is lightened side by side: the piece that takes longest sets the hours.
	const longest = [...plans].sort((p, q) => q.chairMinutes - p.chairMinutes)[0];
	return (
		longest && {
			visits: longest.visits.map(({ week, chairMinutes, price }) => ({
				week,
				chairMinutes,
				price
			})),
			chairMinutes: longest.chairMinutes,
			price: longest.price === undefined ? undefined : priceRange(longest.price)
		}
	);
}

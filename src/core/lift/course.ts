import { undertoneOf, type Lab, type UndertoneName } from '../colour';
import { SECTION_REACH, SPENT, SPREAD } from './constants';
import { sparesDye, type Application, type HeadFactors } from './application';
import { doseOf } from './dose';
import { labOfFibre, levelOfFibre, lightenFibre, type Fibre } from './fibre';
import type { Remembered } from './strand';
import { quantile } from '../numeric';
import { drawHeads, lightenDraw, seenBand, type Spread } from './interval';

/** One moment of a lift. */
export interface CourseMoment {
	readonly minute: number;
	readonly level: number;
	readonly low: number;
	readonly high: number;
	readonly lab: Lab;
	readonly undertone: UndertoneName;
}

/** Level, interval and colour against minutes. */
export type Course = readonly CourseMoment[];

/**
 * How one application goes, minute by minute, from 0 to `toMinute`, with the 10-90 % interval.
 * @param stepMinutes spacing of the moments, > 0
 */
export function liftCourse(
	start: Fibre,
	application: Application,
	head: HeadFactors,
	toMinute: number,
	stepMinutes = 2,
	spread: Spread = SPREAD,
	remembered?: Remembered
): Course {
	const spares = sparesDye(application.product);
	const reach = SECTION_REACH[application.section ?? 'seeThrough'];
	const draws = drawHeads(start, reach, spread, SPREAD.draws, remembered);
	const moments: CourseMoment[] = [];
	for (let minute = 0; minute <= toMinute + 1e-9; minute += stepMinutes) {
		const dose = doseOf({ ...application, minutes: minute }, head);
		const fibre = lightenFibre(start, dose, spares);
		const lab = labOfFibre(fibre);
		const levels = draws
			.map((draw) => levelOfFibre(lightenDraw(draw, dose, spares)))
			.sort((a, b) => a - b);
		moments.push({
			minute,
			level: levelOfFibre(fibre),
			...seenBand(quantile(levels, 0.1), quantile(levels, 0.5), quantile(levels, 0.9), spread),
			lab,
			undertone: undertoneOf(lab).name
		});
	}
	return moments;
}

/** A span of minutes; `to` is open where the hair stays inside as long as the course runs. */
export interface ReadyWindow {
	readonly from: number;
	readonly to: number | undefined;
}

/** When a course is inside a band of levels, or nothing when it never gets there. */
export function readyWindow(course: Course, low: number, high: number): ReadyWindow | undefined {
	const crossing = (level: number): number | undefined => {
		const i = course.findIndex((moment) => moment.level >= level);
		if (i < 0) return undefined;
		const at = course[i]!;
		const before = course[i - 1];
		if (!before) return at.minute;
		const share = (level - before.level) / (at.level - before.level);
		return before.minute + share * (at.minute - before.minute);
	};
	const from = crossing(low);
	return from === undefined ? undefined : { from, to: crossing(high) };
}

/**
 * The minute from which the mixture is spent: the next ten minutes would gain less than 0.15 level,
 * or the product's own limit, whichever comes first.
 */
export function spentMinute(
	start: Fibre,
	application: Application,
	head: HeadFactors,
	limitMinutes: number
): number {
	const levelAt = (minutes: number) =>
		levelOfFibre(
			lightenFibre(start, doseOf({ ...application, minutes }, head), sparesDye(application.product))
		);
	const gains = (minute: number) =>
		levelAt(minute + SPENT.nextMinutes) - levelAt(minute) >= SPENT.gainLevels;
	// From the end: at the beginning a mixture gains little too, because it is still wetting the hair.
	let minute = limitMinutes;
	while (minute > 0 && !gains(minute - 1)) minute--;
	return minute;
}

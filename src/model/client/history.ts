import { rgbOf, type StrandColours } from '../../core/colour';
import { WEEKS_PER_MONTH } from '../../core/hair';
import { labOfFibre } from '../../core/lift';
import { learnedFrom, teachingVisits, type LearnsFrom } from '../visit/learned';
import type { Learned } from '../visit/lift';
import { naturalFibre } from '../day/placed';
import { dayAfter, weeksBetween, type Day } from '../time';
import type { Visit } from '../../schema/records';

/** What was known of a head once a visit was over. */
export interface KnownThen {
	readonly date: Day;
	readonly learned: Learned;
}

/**
 * How what is known of a head grew, visit by visit, and what is left of it today.
 * @param visits of one client, in any order
 * @param since the first day that is asked for; left out, all of it
 */
export function knownOverTime(
	visits: readonly Visit[],
	today: Day,
	from: LearnsFrom,
	since: Day = ''
): KnownThen[] {
	const days = teachingVisits(visits, dayAfter(today, 1)).map(({ visit }) => visit.date);
	const asked = days.filter((date) => date >= since);
	const then = asked.map((date) => ({
		date,
		learned: learnedFrom(visits, dayAfter(date, 1), from)
	}));
	return days.at(-1) === today || days.length === 0
		? then
		: [...then, { date: today, learned: learnedFrom(visits, today, from) }];
}

/** Points of a strand as small as it hangs here. */
const POINTS = 20;

/** Centimetres that have grown since a visit, ≥ 0. */
export const grownSince = ({ reading, date }: Visit, today: Day): number =>
	Math.max(0, (reading.growthCmPerMonth * weeksBetween(date, today)) / WEEKS_PER_MONTH);

/**
 * A strand with what has grown at its scalp since it was worked: as long as before and that much longer.
 * @param colours of the strand as it is by then, without what has grown
 */
export function grownOut(colours: StrandColours, visit: Visit, today: Day): StrandColours {
	const { reading } = visit;
	const { lengthCm } = reading;
	const grown = grownSince(visit, today);
	const natural = rgbOf(labOfFibre(naturalFibre(reading), reading.whiteShare));
	const last = colours.hair.length - 1;
	const at = (point: number): number | undefined => {
		const cm = ((lengthCm + grown) * point) / (POINTS - 1);
		return cm < grown ? undefined : Math.round((last * (cm - grown)) / Math.max(0.1, lengthCm));
	};
	const points = Array.from({ length: POINTS }, (_, i) => at(i));
	return {
		hair: points.map((point) => (point === undefined ? natural : colours.hair[point]!)),
		...(colours.apart
			? {
					apart: colours.apart.map(({ share, colours: own }) => ({
						share,
						colours: points.map((point) => (point === undefined ? natural : own[point]!))
					}))
				}
			: {})
	};
}

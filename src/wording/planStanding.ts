import { formatLevel } from '../core/hair';
import { formatWeeks } from './words';

/** Nearer than this nobody tells it from what was promised, levels. */
const AS_PROMISED = 0.25;

/** What the last visit of a plan came to beside its promise: “left at 5, promised 5.6: 0.6 level short”. */
export function cameWords(left: number, promised: number | undefined, seen: boolean): string {
	const came = `${seen ? 'Seen at' : 'Expected to be left at'} ${formatLevel(left)}`;
	if (promised === undefined) return `${came}.`;
	const gap = left - promised;
	const beside = `${came}, ${formatLevel(promised)} was promised`;
	if (Math.abs(gap) < AS_PROMISED) return `${beside}: as promised.`;
	return `${beside}: ${Math.abs(gap).toFixed(1)} level ${gap < 0 ? 'short' : 'further'}.`;
}

/** What the next one starts from: “Eight weeks on: 2.3 cm grown, a third of the toner left”. */
export function startWords(
	weeks: number,
	regrowthCm: number,
	tonerLeft: number | undefined
): string {
	const toner =
		tonerLeft === undefined ? '' : `, ${Math.round(100 * tonerLeft)} % of the toner left`;
	return `The next starts ${formatWeeks(Math.round(weeks))} after it: ${regrowthCm} cm grown${toner}.`;
}

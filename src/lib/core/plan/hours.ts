import { CHAIR_MINUTES } from './constants';

/**
 * Chair time of a visit in minutes: consultation, putting the mixture on, the minutes
 * the last section still needs, a rinse after every round, toner and finish.
 * @param rounds applications rinsed one after the other
 */
export function chairMinutes(workMinutes: number, processMinutes: number, rounds = 1): number {
	const { consult, rinse, tone, finish } = CHAIR_MINUTES;
	return Math.round(consult + workMinutes + processMinutes + rounds * rinse + tone + finish);
}

/** Price of a visit, in the currency of its rates: the hours, and the materials of every application. */
export const servicePrice = (
	chairMinutes: number,
	applications: number,
	rates: { readonly perHour: number; readonly perApplication: number }
): number => (rates.perHour * chairMinutes) / 60 + rates.perApplication * applications;

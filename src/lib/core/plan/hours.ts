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

import { CHAIR_MINUTES } from './constants';

/**
 * Chair time of a visit in minutes: consultation, putting the mixture on, the minutes
 * the last section still needs, rinse, toner and finish.
 */
export function chairMinutes(workMinutes: number, processMinutes: number): number {
	const { consult, rinse, tone, finish } = CHAIR_MINUTES;
	return Math.round(consult + workMinutes + processMinutes + rinse + tone + finish);
}

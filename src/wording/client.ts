import type { Client, Visit } from '../schema/records';
import { SENSITIVITY_OPTIONS } from './read';
import { formatDate, labelIn } from './words';

/**
 * How often somebody sat down and when, in a line above the name.
 * @param visits newest first
 * @param today ISO day
 */
export function visitsWords(
	visits: readonly Pick<Visit, 'date' | 'status'>[],
	today: string
): string {
	const coming = visits.filter(({ date, status }) => status !== 'done' && date > today);
	const been = visits.filter((visit) => !coming.includes(visit));
	const [last] = been;
	const next = coming.at(-1);
	const often =
		been.length === 0 ? 'Not here yet' : `${been.length} visit${been.length === 1 ? '' : 's'}`;
	return [
		often,
		last && been.length > 1 && `the first on ${formatDate(been.at(-1)!.date)}`,
		last && `the last on ${formatDate(last.date)}`,
		next && `the next on ${formatDate(next.date)}`
	]
		.filter(Boolean)
		.join(' · ');
}

/** Patch tests on record, as they came out. */
export const patchTestsWords = ({ patchTests }: Client): string =>
	patchTests.length === 0
		? 'none on record'
		: patchTests
				.map(({ date, reacted }) => `${formatDate(date)} ${reacted ? 'reacted' : 'clean'}`)
				.join(', ');

/** What this person does not stand, as far as anybody knows. */
export const sensitivityWords = ({ sensitivities }: Client): string =>
	sensitivities.length === 0
		? 'nothing known'
		: sensitivities.map((one) => labelIn(SENSITIVITY_OPTIONS, one)).join(', ');

import type { LiftStep, Visit } from '../../schema/records';
import { MOST_FURTHER } from '../../core/vocabulary';
import { clockOf } from '../day/clocks';

/** The further application on what lags that is planned and not begun; nothing where there is none. */
const plannedAgain = ({ after, run }: Pick<Visit, 'after' | 'run'>): LiftStep | undefined =>
	after.find(({ kind, id }) => kind === 'again' && clockOf(run, id) === undefined);

/** Whether the day has room for another application on what lags. */
export const takesAgain = (visit: Pick<Visit, 'after' | 'run'>): boolean =>
	visit.after.length < MOST_FURTHER || plannedAgain(visit) !== undefined;

/** What lags gets another application of the day, on a draft: with what is planned for that already, in one go. */
export function addAgain(draft: Pick<Visit, 'after' | 'run'>, step: LiftStep): void {
	const planned = plannedAgain(draft);
	if (!planned) {
		draft.after.push(step);
		return;
	}
	planned.minutes = Math.max(planned.minutes, step.minutes);
	planned.volume = Math.min(planned.volume, step.volume);
	for (const zone of ['root', 'lengths', 'ends'] as const)
		planned.covers[zone] ||= step.covers[zone];
	if (planned.areas && step.areas) planned.areas = [...new Set([...planned.areas, ...step.areas])];
	else delete planned.areas;
}

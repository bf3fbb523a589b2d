import type { LiftStep, Visit } from '../../schema/records';
import { MOST_FURTHER } from '../../core/vocabulary';
import { clockOf } from './clocks';

/** The further application on what lags that is planned and not begun; nothing where there is none. */
export const plannedAgain = ({ after, run }: Pick<Visit, 'after' | 'run'>): LiftStep | undefined =>
	after.find(({ kind, id }) => kind === 'again' && clockOf(run, id) === undefined);

/**
 * What lags gets another application of the day, on a draft: with what is planned for that already, in one go.
 * @returns whether there was room for it in the day
 */
export function addAgain(draft: Pick<Visit, 'after' | 'run'>, step: LiftStep): boolean {
	const planned = plannedAgain(draft);
	if (!planned) {
		if (draft.after.length >= MOST_FURTHER) return false;
		draft.after.push(step);
		return true;
	}
	planned.minutes = Math.max(planned.minutes, step.minutes);
	planned.volume = Math.min(planned.volume, step.volume);
	for (const zone of ['root', 'lengths', 'ends'] as const)
		planned.covers[zone] ||= step.covers[zone];
	if (planned.areas && step.areas) planned.areas = [...new Set([...planned.areas, ...step.areas])];
	else delete planned.areas;
	return true;
}

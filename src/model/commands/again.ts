import type { LiftStep, Visit } from '../../schema/records';
import { plannedAgain } from '../visit/onceMore';

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

import type { AreaName } from '../../core/lift';
import type { LiftDay } from '../day/steps';

/** Takes a further application out of the day, on a draft. */
export function leaveOut(day: LiftDay, id: string): void {
	day.before = day.before.filter((step) => step.id !== id);
	day.after = day.after.filter((step) => step.id !== id);
}

/** Puts a further application on some areas alone, on a draft; on all where none is named. */
export function stepOnAreas(day: LiftDay, id: string, areas: readonly AreaName[]): void {
	const step = [...day.before, ...day.after].find((one) => one.id === id);
	if (!step) return;
	if (areas.length === 0) delete step.areas;
	else step.areas = [...areas];
}

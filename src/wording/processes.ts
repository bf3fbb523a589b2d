import type { CallKind } from '../core/work';
import type { DayProcess } from '../model/visit/processes';
import { STEP_NAMES } from './words';

/** What lies on the hair, as it is called while it does. */
export const processName = ({ name }: Pick<DayProcess, 'name'>): string => {
	switch (name) {
		case 'lowlights':
			return 'lowlights';
		case 'filler':
			return 'filler';
		case 'firstToner':
			return 'first toner';
		case 'toner':
			return 'toner';
		default:
			return STEP_NAMES[name];
	}
};

/** What its button says before it lies there. */
export const startWords = (one: Pick<DayProcess, 'name' | 'plan'>): string =>
	one.plan ? `Start: ${processName(one)}` : `Start the ${processName(one)}`;

/** What is to be done with it, as one says it across the room. */
export function processAct(one: Pick<DayProcess, 'name' | 'lifts'>, kind: CallKind): string {
	const name = processName(one);
	if (kind === 'look') return `Check: ${name}`;
	if (kind === 'limit') return `Rinse: ${name}`;
	return one.lifts ? `Look, then rinse: ${name}` : `Wipe and look: ${name}`;
}

import type { PlacedToner } from '../schema/records';
import { PLACE_NAMES } from './tone';
import type { ACT_KINDS } from '../core/vocabulary';
import type { CallKind, Process, ProcessName } from '../core/work';

/** What lies on the hair, or will. */
interface Named {
	readonly name: ProcessName;
	/** Where it goes, if not on all of it. */
	readonly zone?: string | undefined;
	/** The hair it is mixed for, if not for all of it. */
	readonly place?: PlacedToner['place'] | undefined;
}

const COLOURS = {
	lowlights: 'lowlights',
	filler: 'filler',
	firstToner: 'first toner',
	toner: 'toner'
};
const isColour = (name: ProcessName): name is keyof typeof COLOURS => name in COLOURS;
import { STEP_NAMES } from './words';

/** What lies on the hair, as it is called while it does. */
export const processName = ({ name, zone, place }: Named): string => {
	const plain = isColour(name) ? COLOURS[name] : STEP_NAMES[name];
	if (place !== undefined)
		return place === 'glaze' ? PLACE_NAMES.glaze : `${plain} on the ${PLACE_NAMES[place]}`;
	return zone === undefined ? plain : `${plain} on the ${zone}`;
};

/** Something that is put on a head on a day, as it is called at the beginning of a line. */
export function actName({
	kind,
	place
}: {
	readonly kind: (typeof ACT_KINDS)[number];
	readonly place?: PlacedToner['place'] | undefined;
}): string {
	const name = kind === 'main' ? STEP_NAMES.main : processName({ name: kind, place });
	return `${name.charAt(0).toUpperCase()}${name.slice(1)}`;
}

/** What its button says before it lies there. */
export const startWords = (one: Named): string =>
	isColour(one.name) ? `Start the ${processName(one)}` : `Start: ${processName(one)}`;

/** What is to be done with it, as one says it across the room. */
export function processAct(one: Named & Pick<Process, 'lifts'>, kind: CallKind): string {
	const name = processName(one);
	if (kind === 'look') return `Check: ${name}`;
	if (kind === 'limit') return `Rinse: ${name}`;
	return one.lifts ? `Look, then rinse: ${name}` : `Wipe and look: ${name}`;
}

import { isLying, type RunningSection } from './runningSection';

/** Minutes that a mixture lay on a head, whole; of what is typical of its sections. */
export interface Lain {
	readonly minutes: number;
	/** At the root, where root and lengths were worked apart. */
	readonly root?: number | undefined;
}

type Lay = Pick<
	RunningSection,
	'state' | 'part' | 'fromMinute' | 'toMinute' | 'offMinute' | 'wipedMinute'
>;

/** Minutes from the middle of its putting on until it came off, was wiped off, or the head was rinsed. */
function layOf({ state, fromMinute, toMinute, offMinute, wipedMinute }: Lay, end: number): number {
	const off = state === 'off' ? offMinute : state === 'wiped' ? (wipedMinute ?? end) : end;
	return Math.max(0, Math.min(off, end) - (fromMinute + toMinute) / 2);
}

const isOn = (one: Lay): boolean => isLying(one) || one.state === 'off' || one.state === 'wiped';

const mean = (lays: readonly number[]): number =>
	Math.round(lays.reduce((sum, each) => sum + each, 0) / Math.max(1, lays.length));

/**
 * Minutes that the mixture lay on the sections it went on, on average: what was still being put on when the head was
 * rinsed never lay. Old light pieces, which have a bowl of their own, do not tell of the rest.
 * @param sections of a running head, at the minute at which it was rinsed
 * @param end that minute, from the first brush stroke
 */
export function lainOn(sections: readonly Lay[], end: number): Lain {
	const laid = sections.filter((one) => one.part !== 'oldLights' && isOn(one));
	const root = laid.filter(({ part }) => part === 'root').map((one) => layOf(one, end));
	const rest = laid.filter(({ part }) => part !== 'root').map((one) => layOf(one, end));
	if (rest.length === 0) return { minutes: mean(root) };
	return { minutes: mean(rest), ...(root.length > 0 ? { root: mean(root) } : {}) };
}

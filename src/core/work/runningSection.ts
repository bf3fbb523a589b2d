import type { Lab, Undertone } from '../colour';
import type { Fibre, Placement } from '../lift';
import type { SectionCheck } from './headRate';
import type { SectionId, StrandPart } from './ids';

/** When a section is to be looked at next, and why. */
export interface Look {
	/** `check`: half time, or some minutes since the last look; `ready`: it should be at its level. */
	readonly act: 'check' | 'ready';
	readonly minute: number;
}

/**
 * Where a section stands: not begun, being put on, lying, to be looked at, at its level, past the limit, wiped
 * off to wait for the water, or off.
 */
export type SectionState =
	| 'waiting'
	| 'puttingOn'
	| 'on'
	| 'check'
	| 'ready'
	| 'overdue'
	| 'wiped'
	| 'off';

/** A section of the main application while the service runs. */
export interface RunningSection {
	readonly section: SectionId;
	readonly part: StrandPart | undefined;
	/** Number of its bowl. */
	readonly bowl: number;
	readonly state: SectionState;
	/** Where it lies now. */
	readonly placement: Placement;
	/** From when to when it is put on: as it was tapped, or as it comes after what was. */
	readonly fromMinute: number;
	readonly toMinute: number;
	/** Minutes that were planned to put it on. */
	readonly applyMinutes: number;
	/** Minutes later than planned; negative: sooner. */
	readonly lateMinutes: number;
	/** How old its bowl is when the last of it is on. */
	readonly bowlAgeMinutes: number;
	/** When it comes off: with its rinse, never past its limit; or when it did. */
	readonly offMinute: number;
	/** When it was wiped off to wait for the water; nothing where it was not, or was coated since. */
	readonly wipedMinute?: number | undefined;
	/** Which of the head's rinses it comes off in, from 0; what is wiped off before has none. */
	readonly rinse: number | undefined;
	/** The last minute that the product may lie. */
	readonly limitMinute: number;
	/** From when it is at its level, expected; nothing where it does not get there before its limit. */
	readonly readyMinute: number | undefined;
	/** Level it is brought to. */
	readonly target: number;
	/** What it is expected to be at the minute that is asked for, or when it came off. */
	readonly level: number;
	/** Its hair, and the colour of it. */
	readonly fibre: Fibre;
	readonly lab: Lab;
	readonly undertone: Undertone;
	readonly condition: number;
	/** The last look at it. */
	readonly seen: SectionCheck | undefined;
	/** When it is to be looked at next; nothing where it does not lie, or comes off before. */
	readonly look: Look | undefined;
}

/** Whether product lies on a section. */
export const isLying = ({ state }: Pick<RunningSection, 'state'>): boolean =>
	['on', 'check', 'ready', 'overdue'].includes(state);

import type { Direction } from '../tone';
import { PLAN } from './constants';
import type { ResultKind } from './resultKinds';

/** What decides which later choices an aim closes. */
export interface DoorFacts {
	readonly kind: ResultKind;
	readonly level: number;
	readonly direction: Direction;
	readonly presentLevel: number;
	/** Most levels by which lightened hair is to be taken down; 0 or less for none. */
	readonly lightDownBy: number;
	readonly lowlights: boolean;
	readonly lightShare: number;
	/** Condition index expected after the last visit; left out while it is not known. */
	readonly conditionAfter?: number | undefined;
}

/** A choice that closes a door, as data. */
export interface Door {
	readonly code: string;
	readonly when: (facts: DoorFacts) => boolean;
}

/** Deeper than the present level by this much counts as going dark. */
const DARKER_BY = 0.75;
/** Condition under which neither perm nor relaxer nor further lift is taken on. */
const WEAK = PLAN.minCondition + 15;

/** Choices that close doors, the heaviest first. */
export const DOORS = [
	{
		code: 'darkOverLight',
		when: (f) => Math.max(f.lightDownBy, f.presentLevel - f.level) > DARKER_BY
	},
	{
		code: 'weak',
		when: (f) => f.conditionAfter !== undefined && f.conditionAfter < WEAK
	},
	{
		code: 'solidLine',
		when: (f) => f.kind === 'solid' && f.lightShare > 0.9 && f.level > f.presentLevel + 2
	},
	{
		code: 'paleCanvas',
		when: (f) => f.level >= 9.5
	},
	{
		code: 'shortLived',
		when: (f) => f.kind === 'pastel'
	},
	{
		code: 'lowlights',
		when: (f) => f.lowlights
	}
] as const satisfies readonly Door[];

export type DoorCode = (typeof DOORS)[number]['code'];

/** Doors that an aim closes, the heaviest first; what is said of them stands in `wording/doors.ts`. */
export const closedDoors = (facts: DoorFacts): DoorCode[] =>
	DOORS.filter(({ when }) => when(facts)).map(({ code }) => code);

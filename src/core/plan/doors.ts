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
	/** What cannot be had afterwards, or only with trouble. */
	readonly closes: string;
	/** What keeps it open. */
	readonly instead: string;
}

/** Deeper than the present level by this much counts as going dark. */
const DARKER_BY = 0.75;
/** Condition under which neither perm nor relaxer nor further lift is taken on. */
const WEAK = PLAN.minCondition + 15;

/** Choices that close doors, the heaviest first. */
export const DOORS: readonly Door[] = [
	{
		code: 'darkOverLight',
		when: (f) => Math.max(f.lightDownBy, f.presentLevel - f.level) > DARKER_BY,
		closes: 'Permanent dark colour over light hair is hard to take out again.',
		instead: 'A demi darkens too, and fades in four to eight weeks.'
	},
	{
		code: 'weak',
		when: (f) => f.conditionAfter !== undefined && f.conditionAfter < WEAK,
		closes: 'Hair this worn takes no perm, no relaxer and no further lift for months.',
		instead: 'A level deeper, or more visits at lower strength, leaves it sound.'
	},
	{
		code: 'solidLine',
		when: (f) => f.kind === 'solid' && f.lightShare > 0.9 && f.level > f.presentLevel + 2,
		closes: 'Growing it out shows a line for as long as it lasts.',
		instead: 'Lived-in or a root melt grows out without one.'
	},
	{
		code: 'paleCanvas',
		when: (f) => f.level >= 9.5,
		closes: 'Hair this pale goes flat or green when it is darkened later.',
		instead: 'A filler puts the warmth back first; it is a visit of its own.'
	},
	{
		code: 'shortLived',
		when: (f) => f.kind === 'pastel',
		closes: 'In three to five weeks the pale hair under it is what one wears.',
		instead: 'Ask whether the base alone would please; tone a little deeper to last longer.'
	},
	{
		code: 'lowlights',
		when: (f) => f.lowlights,
		closes: 'Lowlights in permanent colour have to be lifted out if light is wanted again.',
		instead: 'Demi lowlights soften within two months.'
	}
];

/** Doors that an aim closes. */
export const closedDoors = (facts: DoorFacts): Door[] => DOORS.filter(({ when }) => when(facts));

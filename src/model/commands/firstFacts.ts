import { onScale } from '../../core/hair';
import { ZONE_NAMES } from '../../core/vocabulary';
import type { Visit } from '../../schema/records';
import { plainReading } from '../head/plain';
import { plainAim, plainLift } from './newVisit';
import { setLevel, setState } from './reading';

/** What was done to hair before, as somebody says it in a word. */
export type DoneBefore = 'nothing' | 'coloured' | 'lightened';

/** Three facts of a head: enough for a first prediction. */
export interface FirstFacts {
	/** Level of the lengths as they are now, 1-10. */
	readonly level: number;
	readonly done: DoneBefore;
	/** Level it should go to, 1-10. */
	readonly goal: number;
}

/** Hair that was lightened and shows no root says nothing of its natural level: a medium brown, as most have. */
const NATURAL_UNDER_LIGHT = 5;

/**
 * Writes three facts into a visit, on a draft: all else of the reading, the aim and the lift is as a new visit
 * begins. Old colour is taken to lie one level below the natural one, light hair to have a root that was never
 * lightened.
 */
export function tellFacts(draft: Visit, { level, done, goal }: FirstFacts): void {
	const reading = plainReading();
	setLevel(reading, 'root', naturalUnder(level, done));
	if (done !== 'nothing') {
		for (const zone of ZONE_NAMES) {
			if (zone === 'root') continue;
			setState(reading, zone, done);
			setLevel(reading, zone, level);
			for (const colour of reading.zones[zone].artificial) colour.level = level;
		}
	}
	Object.assign(draft, {
		reading,
		aim: { ...plainAim(), level: goal },
		lift: plainLift(reading),
		before: [],
		after: []
	});
}

/** Natural level of hair that is seen at a level, by what was done to it. */
function naturalUnder(level: number, done: DoneBefore): number {
	if (done === 'coloured') return Math.min(10, onScale(level + 1));
	if (done === 'lightened') return Math.min(level, NATURAL_UNDER_LIGHT);
	return level;
}

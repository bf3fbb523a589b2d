import { undertoneOf, type Lab } from '../../core/colour';
import {
	depthName,
	formatLevel,
	labOfPigment,
	naturalPigment,
	undertoneWord
} from '../../core/hair';
import { labOfFibre, pigmentOnPath } from '../../core/lift';
import type { Reading, ZoneName } from '../../schema/records';
import { seenFibre } from '../head/hair';
import { zoneLevel } from './lift';

/** A lock of the ladder. */
export interface Rung {
	readonly value: string;
	readonly name: string;
	readonly words: string;
	readonly lab: Lab;
}

/**
 * Locks to hold against the hair: natural colours for untouched zones, this head's own lift path for
 * lightened ones. Dark hair gets a finer ladder: its levels lie close together and are told apart in
 * halves, bent over a finger; lifted hair goes in halves from the natural level up.
 */
export function ladderRungs(reading: Reading, zone: ZoneName): Rung[] {
	const { state } = reading.zones[zone];
	const here = zoneLevel(reading, zone);
	const levels =
		state === 'lightened'
			? lightLevels(reading.naturalLevel)
			: here <= DARK
				? DARK_LEVELS
				: ALL_LEVELS;
	return levels.map((level) => {
		const lightened = state === 'lightened' && level > reading.naturalLevel;
		const lab = lightened
			? labOfFibre(seenFibre(reading, level))
			: labOfPigment(naturalPigment(Math.min(level, 10), reading.warmth));
		return {
			value: formatLevel(level),
			name: formatLevel(level),
			words: lightened ? undertoneWord(undertoneOf(lab).name, level) : depthName(level),
			lab
		};
	});
}

/** The whole natural ladder, whatever was read: a shorter one would tell the second pair of eyes. */
export const blindRungs = (reading: Reading): Rung[] =>
	ALL_LEVELS.map((level) => ({
		value: formatLevel(level),
		name: formatLevel(level),
		words: depthName(level),
		lab: labOfPigment(naturalPigment(level, reading.warmth))
	}));

/** Up to here levels are dark, and told apart in halves. */
const DARK = 5;
const DARK_LEVELS = [1, 1.5, 2, 2.5, 3, 3.5, 4, 4.5, 5, 6, 7, 8];
const ALL_LEVELS = [1, 2, 3, 4, 5, 6, 7, 8, 9, 10];

const lightLevels = (natural: number): number[] => {
	const from = Math.min(Math.max(Math.round(natural), 3), 6);
	return Array.from({ length: (10.5 - from) * 2 }, (_, i) => from + i / 2);
};

/** The name the model gives hair of this head lifted to a level. */
export const modelledUndertone = (reading: Reading, level: number): string =>
	undertoneOf(labOfPigment(pigmentOnPath(reading.naturalLevel, reading.warmth, level))).name;

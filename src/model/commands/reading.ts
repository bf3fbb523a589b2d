import {
	formatLevel,
	labOfPigment,
	naturalPigment,
	depthName,
	type Porosity
} from '../../core/hair';
import { undertoneOf, type Lab } from '../../core/colour';
import { labOfFibre, pigmentOnPath } from '../../core/lift';
import { seenFibre } from '../visit/hair';
import { zoneLevel } from '../visit/lift';
import { ZONES } from '../visit/hair';
import { UNDERTONES } from '../../wording/words';
import type { Reading, ZoneName } from '../../schema/records';

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
			words: lightened ? undertoneOf(lab).name : depthName(level),
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

/** Sets the level of a zone; an untouched zone is the head's natural level, and so are its like. */
export function setLevel(reading: Reading, zone: ZoneName, level: number): void {
	if (reading.zones[zone].state === 'natural') {
		reading.naturalLevel = level;
		for (const name of ZONES) {
			if (reading.zones[name].state === 'natural') reading.zones[name].presentLevel = level;
		}
	} else reading.zones[zone].presentLevel = level;
}

/**
 * Takes what an instrument or a picture read of a zone, to a tenth of a level; what it calls the
 * undertone is kept where hair was lightened. Untouched hair is no lighter than 10.
 */
export function takeLevel(
	reading: Reading,
	zone: ZoneName,
	level: number,
	undertone: string
): number {
	const { state } = reading.zones[zone];
	const highest = state === 'natural' ? 10 : 12;
	const taken = Math.round(Math.min(highest, Math.max(1, level)) * 10) / 10;
	setLevel(reading, zone, taken);
	const seen = UNDERTONES.find((name) => name === undertone);
	if (seen && state === 'lightened') reading.zones[zone].undertone = seen;
	return taken;
}

/** Sets the porosity of a zone; the lengths speak for every zone that has none of its own. */
export function setPorosity(reading: Reading, zone: ZoneName, porosity: Porosity): void {
	if (zone === 'lengths') reading.porosity = porosity;
	else reading.zones[zone].porosity = porosity;
	for (const name of ZONES) {
		const own = reading.zones[name];
		if (own.porosity === reading.porosity) delete own.porosity;
	}
}

/** Says what was done to a zone, with a first guess that fits: old colour at its own level, light hair at 9. */
export function setState(
	reading: Reading,
	zone: ZoneName,
	state: Reading['zones'][ZoneName]['state']
): void {
	const here = reading.zones[zone];
	here.state = state;
	delete here.undertone;
	here.artificial = [];
	here.presentLevel = reading.naturalLevel;
	if (state === 'lightened') {
		here.presentLevel = Math.max(9, reading.naturalLevel);
		reading.strain.lightenings = Math.max(1, reading.strain.lightenings);
	}
	if (state === 'coloured') {
		here.presentLevel = Math.max(1, reading.naturalLevel - 1);
		here.artificial = [{ kind: 'permanent', level: here.presentLevel, tone: 'N', layers: 2 }];
	}
}

/** Makes every zone like one of them. */
export function alikeFrom(reading: Reading, zone: ZoneName): void {
	const like = reading.zones[zone];
	for (const name of ZONES) {
		if (name === zone) continue;
		reading.zones[name] = { ...like, artificial: like.artificial.map((colour) => ({ ...colour })) };
	}
}

/** The name the model gives hair of this head lifted to a level. */
export const modelledUndertone = (reading: Reading, level: number): string =>
	undertoneOf(labOfPigment(pigmentOnPath(reading.naturalLevel, reading.warmth, level))).name;

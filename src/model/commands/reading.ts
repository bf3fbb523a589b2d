import { onScale, type Porosity } from '../../core/hair';
import { BOUNDS, UNDERTONES } from '../../core/vocabulary';
import type { Reading, ZoneName, ZoneReading } from '../../schema/records';
import { ZONES } from '../head/hair';

/** Sets the level of a zone; an untouched zone is the head's natural level, and so are its like. */
export function setLevel(reading: Reading, zone: ZoneName, level: number): void {
	delete reading.guess;
	if (reading.zones[zone].state === 'natural') {
		reading.naturalLevel = level;
		for (const name of ZONES) {
			if (reading.zones[name].state === 'natural') reading.zones[name].presentLevel = level;
		}
	} else {
		reading.zones[zone].presentLevel = level;
		// Somebody looked.
		delete reading.unseen;
	}
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
	delete reading.guess;
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

/** Old light pieces as they are usually met: a third of the hair, two levels above it. */
const USUAL_OLD_LIGHTS = { share: 0.3, above: 2 } as const;

/** Reads old light pieces of a share and level among a zone's hair, on a draft, within their bounds. */
export function readOldLights(
	reading: Pick<Reading, 'zones' | 'unseen'>,
	zone: ZoneName,
	{ share, level }: { readonly share: number; readonly level: number }
): void {
	const { min, max, step } = BOUNDS.oldLightShare;
	const near = Math.round(share / step) * step;
	delete reading.unseen;
	reading.zones[zone].oldLights = {
		share: Math.min(max, Math.max(min, Number(near.toFixed(2)))),
		level: onScale(Math.round(2 * level) / 2)
	};
}

/** Sets the level of the light pieces of a zone, on a draft, where there are any: somebody looked. */
export function setLightsLevel(reading: Reading, zone: ZoneName, level: number): void {
	const { oldLights } = reading.zones[zone];
	if (!oldLights) return;
	oldLights.level = level;
	delete reading.unseen;
}

/** Reads old light pieces among a zone's hair, on a draft, or none. */
export function haveOldLights(zone: ZoneReading, have: boolean): void {
	const { share, above } = USUAL_OLD_LIGHTS;
	if (have) zone.oldLights = { share, level: Math.min(11, zone.presentLevel + above) };
	else delete zone.oldLights;
}

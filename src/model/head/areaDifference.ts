import type { AreaName } from '../../core/lift';
import type { Aim, Reading, ZoneName, ZoneReading } from '../../schema/records';
import { aimOf, readingOf } from './exceptions';
import { zonesOf } from './hair';

/** What an area has of its own. */
export interface AreaDifference {
	readonly own: NonNullable<Reading['areas'][AreaName]>;
	/** Zones that are read otherwise there than on the rest of the head. */
	readonly zones: readonly {
		readonly name: ZoneName;
		readonly state: ZoneReading['state'];
		readonly presentLevel: number;
	}[];
}

/** What sets an area apart from the rest of the head; nothing where it is like the rest. */
export function areaDifference(reading: Reading, area: AreaName): AreaDifference | undefined {
	const own = reading.areas[area];
	if (!own) return undefined;
	const there = readingOf(reading, area);
	// Untouched hair is told by its natural level; what is told of a zone is what sets it apart.
	const zones = zonesOf(there)
		.map(({ name }) => ({ name, here: there.zones[name], rest: reading.zones[name] }))
		.filter(
			({ here, rest }) =>
				here.state !== rest.state ||
				(here.state !== 'natural' && here.presentLevel !== rest.presentLevel)
		)
		.map(({ name, here: { state, presentLevel } }) => ({ name, state, presentLevel }));
	return { own, zones };
}

/** What an area is to become, where it is aimed at apart from the rest. */
export const aimDifference = (
	aim: Aim,
	area: AreaName
): Pick<Aim, 'level' | 'direction'> | undefined => (aim.areas[area] ? aimOf(aim, area) : undefined);

import { AREAS } from '../core/vocabulary';
import { formatLevel } from '../core/hair';
import { type AreaName } from '../core/lift';
import type { Aim, Reading, ZoneName, ZoneReading } from '../schema/records';
import { AREA_NAMES, areaWords, labelIn, POROSITY_OPTIONS } from './words';

/** What an area has of its own, in a few words; empty when it is like the rest. */
export function differenceWords(
	difference:
		| {
				readonly own: NonNullable<Reading['areas'][AreaName]>;
				readonly zones: readonly {
					readonly name: ZoneName;
					readonly state: ZoneReading['state'];
					readonly presentLevel: number;
				}[];
		  }
		| undefined
): string {
	if (!difference) return '';
	const { own } = difference;
	const zones = difference.zones.map(({ name, state, presentLevel }) =>
		state === 'natural' ? `${name} untouched` : `${name} ${formatLevel(presentLevel)} ${state}`
	);
	const told = [
		own.naturalLevel !== undefined && `natural ${formatLevel(own.naturalLevel)}`,
		own.warmth,
		own.texture,
		own.porosity && labelIn(POROSITY_OPTIONS, own.porosity),
		own.whiteShare !== undefined && `${Math.round(own.whiteShare * 100)} % white`,
		own.lengthCm !== undefined && `${own.lengthCm} cm`,
		own.regrowthCm !== undefined && `regrowth ${own.regrowthCm} cm`,
		own.endsCm !== undefined && `ends ${own.endsCm} cm`,
		...zones
	];
	return told.filter(Boolean).join(', ') || 'read apart';
}

/** What an area is to become, where that differs from the rest. */
export const aimDifferenceWords = (
	difference: Pick<Aim, 'level' | 'direction'> | undefined
): string => (difference ? `${formatLevel(difference.level)} ${difference.direction}` : '');

/** “The same everywhere except crown (natural 6) and nape (untouched)”, areas that are alike told together. */
export function exceptWords(words: (area: AreaName) => string): string {
	const alike = new Map<string, AreaName[]>();
	for (const area of AREAS) {
		const told = words(area);
		if (told) alike.set(told, [...(alike.get(told) ?? []), area]);
	}
	if (alike.size === 0) return 'The same everywhere.';
	const parts = [...alike].map(([told, areas]) => `${areaWords(areas)} (${told})`);
	return `The same everywhere except ${parts.join('; ')}.`;
}

export const AREA_OPTIONS = AREAS.map((value) => ({ value, label: AREA_NAMES[value] }));

import { hexOf } from '../core/colour';
import { AREAS, labOfFibre, type AreaName } from '../core/lift';
import { aimOf, readingOf } from '../model/visit/exceptions';
import { formatLevel } from '../core/hair';
import type { Aim, Reading } from '../schema/records';
import { targetLab } from '../core/tone';
import { mainZone, seenFibre, zonesOf } from '../model/visit/hair';
import { liftTarget } from '../model/visit/lift';
import { AREA_NAMES, areaWords, labelIn, POROSITY_OPTIONS } from './words';

/** Colour of most of the hair of every area as it is now, for the map of the head. */
export const areaColours = (reading: Reading): Record<AreaName, string> =>
	byArea((area) => {
		const there = readingOf(reading, area);
		return hexOf(labOfFibre(mainZone(zonesOf(there), EVERYWHERE).fibre, there.whiteShare));
	});

const EVERYWHERE = { root: true, lengths: true, ends: true } as const;

/** Colour that every area is to become, for the map of the head. */
export const aimAreaColours = (reading: Reading, aim: Aim): Record<AreaName, string> =>
	byArea((area) => {
		const there = aimOf(aim, area);
		const raw = labOfFibre(seenFibre(readingOf(reading, area), liftTarget(there)));
		return hexOf(targetLab(there, raw));
	});

const byArea = (of: (area: AreaName) => string): Record<AreaName, string> =>
	Object.fromEntries(AREAS.map((area) => [area, of(area)])) as Record<AreaName, string>;

/** What an area has of its own, in a few words; empty when it is like the rest. */
export function differenceWords(reading: Reading, area: AreaName): string {
	const own = reading.areas[area];
	if (!own) return '';
	const there = readingOf(reading, area);
	// Untouched hair is told by its natural level; what is told of a zone is what sets it apart.
	const zones = zonesOf(there)
		.map(({ name }) => ({ name, here: there.zones[name], rest: reading.zones[name] }))
		.filter(
			({ here, rest }) =>
				here.state !== rest.state ||
				(here.state !== 'natural' && here.presentLevel !== rest.presentLevel)
		)
		.map(({ name, here }) =>
			here.state === 'natural'
				? `${name} untouched`
				: `${name} ${formatLevel(here.presentLevel)} ${here.state}`
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
export function aimDifferenceWords(aim: Aim, area: AreaName): string {
	if (!aim.areas[area]) return '';
	const { level, direction } = aimOf(aim, area);
	return `${formatLevel(level)} ${direction}`;
}

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

import { AREAS } from '../../core/vocabulary';
import { hexOf } from '../../core/colour';
import { labOfFibre, type AreaName } from '../../core/lift';
import { targetLab } from '../../core/tone';
import type { Aim, Reading } from '../../schema/records';
import { aimOf, readingOf } from '../head/exceptions';
import { mainZone, seenFibre, zonesOf } from '../head/hair';
import { liftTarget } from './lift';

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

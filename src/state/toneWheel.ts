import type { Lab } from '../core/colour';
import { labOfPigment } from '../core/hair';
import { pigmentOnPath } from '../core/lift';
import {
	DYE_NAMES,
	dyePulls,
	isClear,
	namedTones,
	type DyeName,
	type DyePull,
	type RawHair
} from '../core/tone';
import { corePart } from '../model/day/parts';
import type { ChosenPart, Reading, ShelfLine } from '../schema/records';
import type { HairView } from './hairView.svelte';
import { zonesFound } from './zoneTones';

/** A place on the wheel with a name. */
interface WheelPoint {
	readonly name: string;
	readonly lab: Lab;
}

/** A head's lift is shown to this level. */
const PATH_TO = 11;

/** The way a head lifts, level by level from its natural one. */
export function wheelPath({
	naturalLevel,
	warmth
}: Pick<Reading, 'naturalLevel' | 'warmth'>): (WheelPoint & { readonly level: number })[] {
	const from = Math.floor(naturalLevel);
	return Array.from({ length: PATH_TO - from + 1 }, (_, i) => {
		const level = Math.max(naturalLevel, from + i);
		const lab = labOfPigment(pigmentOnPath(naturalLevel, warmth, level));
		return { level, name: String(level), lab };
	});
}

/** The zones that share a bowl with the one that the figures speak of. */
export const wheelZones = (head: HairView): WheelPoint[] =>
	zonesFound(head)
		.filter(({ zone, lights }) => lights || zone !== head.zone.name)
		.map(({ zone, lights, raw }) => ({ name: lights ? `light pieces, ${zone}` : zone, lab: raw }));

/** Where each dye that a line's tones are made of pulls some hair. */
export function wheelPulls(raw: RawHair, line: ShelfLine | undefined): DyePull[] {
	const held = new Set(
		line?.shades.flatMap((shade) => Object.keys(namedTones(shade, line.vehicle)))
	);
	return dyePulls(
		raw,
		DYE_NAMES.filter((dye) => dye !== 'brown' && held.has(dye))
	);
}

/** The dyes that a formula's tones are made of. */
export const dyesIn = (
	parts: readonly ChosenPart[],
	vehicle: ShelfLine['vehicle']
): ReadonlySet<DyeName> =>
	new Set(
		parts.map(corePart).flatMap((part) => {
			const tones = isClear(part) ? {} : namedTones(part, vehicle);
			return DYE_NAMES.filter((dye) => tones[dye]);
		})
	);

import { ZONE_NAMES } from '../../core/vocabulary';
import {
	labOfMixture,
	labOfPigment,
	startingCondition,
	type Pigment,
	type Porosity
} from '../../core/hair';
import {
	dyesOf,
	pigmentOnPath,
	evenPoints,
	startOfReading,
	type Fibre,
	type PointStart,
	type Remembered
} from '../../core/lift';
import { rgbOf, type Lab, type Rgb, type StrandColours } from '../../core/colour';
import { addDyes, dyeSpectrum, type DyeAmounts } from '../../core/tone';
import type { LiftPlan, Reading, ZoneName } from '../../schema/records';

export const ZONES: readonly ZoneName[] = ZONE_NAMES;

/** A zone of this head's strand, with the hair it starts from. */
export interface ZoneStart {
	readonly name: ZoneName;
	readonly fromCm: number;
	readonly toCm: number;
	readonly fibre: Fibre;
	readonly remembered: Remembered | undefined;
	readonly porosity: Porosity;
}

/** How a zone takes up liquid: as it was read there, or else as the rest of the hair. */
export const porosityOf = (reading: Reading, zone: ZoneName): Porosity =>
	reading.zones[zone].porosity ?? reading.porosity;

/** The zones that have any length, scalp first. */
export function zonesOf(reading: Reading): ZoneStart[] {
	const rootTo = Math.min(reading.regrowthCm, reading.lengthCm);
	const endsFrom = Math.max(rootTo, reading.lengthCm - reading.endsCm);
	const spans: Record<ZoneName, [number, number]> = {
		root: [0, rootTo],
		lengths: [rootTo, endsFrom],
		ends: [endsFrom, reading.lengthCm]
	};
	return ZONES.map((name) => {
		const zone = reading.zones[name];
		const [fromCm, toCm] = spans[name];
		const { fibre, remembered } = startOfReading({
			naturalLevel: reading.naturalLevel,
			warmth: reading.warmth,
			presentLevel: zone.state === 'natural' ? undefined : zone.presentLevel,
			artificial: zone.state === 'coloured' ? zone.artificial : []
		});
		return { name, fromCm, toCm, fibre, remembered, porosity: porosityOf(reading, name) };
	}).filter((zone) => zone.toCm - zone.fromCm > 0.05);
}

/** The zone the large figures speak of: the longest one that the mixture goes on. */
export function mainZone(zones: readonly ZoneStart[], covers: LiftPlan['covers']): ZoneStart {
	const covered = zones.filter((zone) => covers[zone.name]);
	const span = (zone: ZoneStart) => zone.toCm - zone.fromCm;
	return (covered.length > 0 ? covered : [...zones]).reduce((p, q) => (span(q) > span(p) ? q : p));
}

/** A point of this head's strand, and whether the mixture goes on it. */
export interface StrandPoint extends PointStart {
	readonly covered: boolean;
}

/** Points of the strand, with the zones the mixture goes on. */
export function pointsOf(
	zones: readonly ZoneStart[],
	reading: Reading,
	covers: LiftPlan['covers']
): StrandPoint[] {
	const condition = conditionOf(reading);
	const at = (distanceCm: number) =>
		zones.find(({ toCm }) => distanceCm <= toCm + 1e-9) ?? zones.at(-1)!;
	const points = evenPoints(
		reading.lengthCm,
		(cm) => {
			const { fibre, remembered, porosity } = at(cm);
			return { fibre, remembered, condition, porosity };
		},
		Math.max(0.5, reading.lengthCm / MOST_POINTS)
	);
	return points.map((point) => ({ ...point, covered: covers[at(point.distanceCm).name] }));
}

/** A strand is drawn with this many points at most. */
const MOST_POINTS = 60;

/** Condition index before the service, from what was read of the past. */
export const conditionOf = (reading: Reading): number => startingCondition(reading.strain);

const WHITE: Pigment = { eumelanin: 0, pheomelanin: 0 };

const between = (one: Rgb, other: Rgb): Rgb => [
	(one[0] + other[0]) / 2,
	(one[1] + other[1]) / 2,
	(one[2] + other[2]) / 2
];

/**
 * A strand of two kinds of fibre. Each is drawn half-way to the colour of the mixture: that is what
 * the eye gets from hair lying over hair, and the strand as a whole keeps the colour of the sums.
 */
function mixedColours(
	fibres: readonly Fibre[],
	whiteShare: number,
	dyesOn: (pigment: Pigment, point: number) => DyeAmounts
): StrandColours {
	const dyed = fibres.map((fibre, i) => dyeSpectrum(addDyes(dyesOf(fibre), dyesOn(fibre, i))));
	const hair = fibres.map((fibre, i) => rgbOf(labOfPigment(fibre, dyed[i])));
	if (whiteShare <= 0) return { hair };
	const onWhite = fibres.map((_, i) => dyeSpectrum(dyesOn(WHITE, i)));
	const white = onWhite.map((dye) => rgbOf(labOfPigment(WHITE, dye)));
	const mixed = fibres.map((fibre, i) =>
		rgbOf(labOfMixture(fibre, whiteShare, dyed[i], onWhite[i]))
	);
	return {
		hair: hair.map((rgb, i) => between(rgb, mixed[i]!)),
		apart: [{ colours: mixed.map((rgb, i) => between(white[i]!, rgb)), share: whiteShare }]
	};
}

/** Colours of a strand of fibres; white fibres beside them where the reading says so. */
export const coloursOf = (fibres: readonly Fibre[], whiteShare: number): StrandColours =>
	mixedColours(fibres, whiteShare, () => ({}));

/** Fibres with dye laid over them: after a toner, or as it fades. */
export const tonedColours = (
	fibres: readonly Fibre[],
	dyesOn: (pigment: Pigment, point: number) => DyeAmounts,
	whiteShare: number
): StrandColours => mixedColours(fibres, whiteShare, dyesOn);

/** A uniform strand of one colour. */
export const uniform = (lab: Lab): StrandColours => ({ hair: [rgbOf(lab), rgbOf(lab)] });

/** Hair of this head seen at a level after lifting: the point of that level on its own lift path. */
export const seenFibre = (reading: Reading, level: number): Fibre => ({
	...pigmentOnPath(reading.naturalLevel, reading.warmth, level),
	layers: []
});

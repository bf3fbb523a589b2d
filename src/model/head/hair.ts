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
	seenHair,
	evenPoints,
	startOfReading,
	type Fibre,
	type PointStart,
	type Remembered
} from '../../core/lift';
import {
	labOfTristimulus,
	rgbOf,
	tristimulusOfLab,
	type Lab,
	type Rgb,
	type StrandColours,
	type UndertoneName
} from '../../core/colour';
import { addDyes, dyeSpectrum, type DyeAmounts } from '../../core/tone';
import type { LiftPlan, Reading, ZoneName, ZoneReading } from '../../schema/records';

export const ZONES: readonly ZoneName[] = ZONE_NAMES;

/** A zone of this head's strand, with the hair it starts from. */
export interface ZoneStart {
	readonly name: ZoneName;
	readonly state: ZoneReading['state'];
	readonly fromCm: number;
	readonly toCm: number;
	readonly fibre: Fibre;
	/** As it was before the day, where it was read again since. */
	readonly before?: Fibre | undefined;
	readonly remembered: Remembered | undefined;
	readonly porosity: Porosity;
	/** Old light pieces among it, which keep out of the lift unless they are taken along. */
	readonly oldLights?: { readonly share: number; readonly fibre: Fibre } | undefined;
}

/** How a zone takes up liquid: as it was read there, or else as the rest of the hair. */
export const porosityOf = (reading: Reading, zone: ZoneName): Porosity =>
	reading.zones[zone].porosity ?? reading.porosity;

/** Where each zone begins and ends, cm from the scalp. */
export function zoneSpans({
	lengthCm,
	regrowthCm,
	endsCm
}: Pick<Reading, 'lengthCm' | 'regrowthCm' | 'endsCm'>): Record<ZoneName, [number, number]> {
	const rootTo = Math.min(regrowthCm, lengthCm);
	const endsFrom = Math.max(rootTo, lengthCm - endsCm);
	return { root: [0, rootTo], lengths: [rootTo, endsFrom], ends: [endsFrom, lengthCm] };
}

/** Hair shorter than this is no zone of its own, cm. */
export const SHORTEST_CM = 0.05;

/** The zones that have any length, scalp first. */
export function zonesOf(reading: Reading): ZoneStart[] {
	const spans = zoneSpans(reading);
	return ZONES.map((name) => {
		const zone = reading.zones[name];
		const [fromCm, toCm] = spans[name];
		const { fibre, remembered } = startOfReading({
			naturalLevel: reading.naturalLevel,
			warmth: reading.warmth,
			presentLevel: zone.state === 'natural' ? undefined : zone.presentLevel,
			artificial: zone.state === 'coloured' ? zone.artificial : []
		});
		const { state, oldLights } = zone;
		return {
			name,
			state,
			fromCm,
			toCm,
			fibre,
			remembered,
			porosity: porosityOf(reading, name),
			...(oldLights
				? { oldLights: { share: oldLights.share, fibre: seenFibre(reading, oldLights.level) } }
				: {})
		};
	}).filter((zone) => zone.toCm - zone.fromCm > SHORTEST_CM);
}

/** The old light pieces of a zone as hair of their own; the zone itself where it has none. */
export const lightsZone = (zone: ZoneStart): ZoneStart =>
	zone.oldLights
		? { ...zone, state: 'lightened', fibre: zone.oldLights.fibre, remembered: undefined }
		: zone;

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

/** The zone at a distance from the scalp; beyond the tips the last one. */
export const zoneAt = (zones: readonly ZoneStart[], distanceCm: number): ZoneStart =>
	zones.find(({ toCm }) => distanceCm <= toCm + 1e-9) ?? zones.at(-1)!;

/**
 * Points of the strand, with the zones the mixture goes on.
 * @param startsAtCm where it begins, cm from the scalp
 * @param most how many points there are at most
 */
export function pointsOf(
	zones: readonly ZoneStart[],
	reading: Reading,
	covers: LiftPlan['covers'],
	startsAtCm = 0,
	most = MOST_POINTS
): StrandPoint[] {
	const condition = conditionOf(reading);
	const at = (distanceCm: number) => zoneAt(zones, distanceCm);
	const points = evenPoints(
		reading.lengthCm,
		(cm) => {
			const { fibre, remembered, porosity } = at(cm);
			return { fibre, remembered, condition, porosity };
		},
		Math.max(0.5, reading.lengthCm / most)
	);
	return points.map((point) => ({
		...point,
		covered: point.distanceCm >= startsAtCm && covers[at(point.distanceCm).name]
	}));
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
	dyesOn: (pigment: Pigment, point: number) => DyeAmounts,
	whites?: readonly Fibre[]
): StrandColours {
	const dyed = fibres.map((fibre, i) => dyeSpectrum(addDyes(dyesOf(fibre), dyesOn(fibre, i))));
	const hair = fibres.map((fibre, i) => rgbOf(labOfPigment(fibre, dyed[i])));
	if (whiteShare <= 0) return { hair };
	const heldByWhite = (i: number) => (whites ? dyesOf(whites[i]!) : {});
	const onWhite = fibres.map((_, i) => dyeSpectrum(addDyes(heldByWhite(i), dyesOn(WHITE, i))));
	const white = onWhite.map((dye) => rgbOf(labOfPigment(WHITE, dye)));
	const mixed = fibres.map((fibre, i) =>
		rgbOf(labOfMixture(fibre, whiteShare, dyed[i], onWhite[i]))
	);
	return {
		hair: hair.map((rgb, i) => between(rgb, mixed[i]!)),
		apart: [{ colours: mixed.map((rgb, i) => between(white[i]!, rgb)), share: whiteShare }]
	};
}

/**
 * Colours of a strand of fibres; white fibres beside them where the reading says so.
 * @param whites the white fibres with what a tint has laid on them; left out, they are bare
 */
export const coloursOf = (
	fibres: readonly Fibre[],
	whiteShare: number,
	whites?: readonly Fibre[]
): StrandColours => mixedColours(fibres, whiteShare, () => ({}), whites);

/** Fibres with dye laid over them: after a toner, or as it fades. */
export const tonedColours = (
	fibres: readonly Fibre[],
	dyesOn: (pigment: Pigment, point: number) => DyeAmounts,
	whiteShare: number,
	whites?: readonly Fibre[]
): StrandColours => mixedColours(fibres, whiteShare, dyesOn, whites);

/**
 * Colours of a strand with the old light pieces of its zones drawn among the rest.
 * @param dyesOn what is laid over a piece, by the point it lies at
 * @param fibreOf the pieces of a zone as they are by then; left out, as they were read
 */
export function withOldLights(
	colours: StrandColours,
	zones: readonly ZoneStart[],
	points: readonly { readonly distanceCm: number }[],
	dyesOn: (pigment: Pigment, point: number) => DyeAmounts = () => ({}),
	fibreOf: (zone: ZoneName) => Fibre | undefined = () => undefined
): StrandColours {
	const pieces = zones.flatMap(({ name, oldLights }) => {
		if (!oldLights) return [];
		const fibre = fibreOf(name) ?? oldLights.fibre;
		const colourAt = (i: number) =>
			rgbOf(labOfPigment(fibre, dyeSpectrum(addDyes(dyesOf(fibre), dyesOn(fibre, i)))));
		return [
			{
				share: oldLights.share,
				colours: points.map(({ distanceCm }, i) =>
					zoneAt(zones, distanceCm).name === name ? colourAt(i) : colours.hair[i]!
				)
			}
		];
	});
	return pieces.length === 0
		? colours
		: { ...colours, apart: [...(colours.apart ?? []), ...pieces] };
}

/** Two kinds of hair as the eye mixes them: their light adds up by their share. */
export function mixedLab(hair: Lab, among: Lab, share: number): Lab {
	const [p, q] = [tristimulusOfLab(hair), tristimulusOfLab(among)];
	const mix = (axis: 'x' | 'y' | 'z') => p[axis] * (1 - share) + q[axis] * share;
	return labOfTristimulus({ x: mix('x'), y: mix('y'), z: mix('z') });
}

/** White fibres among hair that holds old colour hold it too. */
export const oldColourOnWhite = ({ layers }: Fibre): Fibre => ({ ...WHITE, layers });

/** A uniform strand of one colour. */
export const uniform = (lab: Lab): StrandColours => ({ hair: [rgbOf(lab), rgbOf(lab)] });

/** Lightened hair of this head as a person saw and named it. */
export function namedHair(
	{ naturalLevel, warmth }: Reading,
	level: number,
	undertone: UndertoneName
): { readonly fibre: Fibre; readonly named: { undertone: UndertoneName; dye: DyeAmounts } } {
	const { pigment, dye } = seenHair(naturalLevel, warmth, level, undertone);
	return { fibre: { ...pigment, layers: [] }, named: { undertone, dye } };
}

/** Colour of lightened hair as a person saw it, and named it where they did. */
export function seenLab(reading: Reading, level: number, undertone?: UndertoneName): Lab {
	const { pigment, dye } = seenHair(reading.naturalLevel, reading.warmth, level, undertone);
	return labOfPigment(pigment, dyeSpectrum(dye));
}

/** Hair of this head seen at a level after lifting: the point of that level on its own lift path. */
export const seenFibre = (reading: Reading, level: number): Fibre => ({
	...pigmentOnPath(reading.naturalLevel, reading.warmth, level),
	layers: []
});

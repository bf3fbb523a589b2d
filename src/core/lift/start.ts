import { naturalPigment, type Pigment, type Warmth } from '../hair';
import { depositOf, fadeDyes, scaleDyes, VEHICLES, type Shade, type Vehicle } from '../tone';
import { levelOfFibre, lightenFibre, WHITE_FIBRE, type DyeLayer, type Fibre } from './fibre';
import type { Remembered } from './strand';

/** Artificial colour as a person remembers it. */
export interface ArtificialColour extends Shade {
	readonly kind: Vehicle;
	/** How often it went over the same hair; 2 when nobody knows. */
	readonly layers?: number | undefined;
	/** Weeks since it was last put on; left out, its fading is not counted. */
	readonly weeksAgo?: number | undefined;
}

/** What is known of a zone of hair before today. */
export interface HairReading {
	readonly naturalLevel: number;
	readonly warmth: Warmth;
	/** What the zone reads now; left out, what its history would give. */
	readonly presentLevel?: number | undefined;
	readonly artificial?: readonly ArtificialColour[] | undefined;
}

/** A zone as today finds it: both kinds of fibre, and what of it is memory rather than reading. */
export interface HairStart {
	readonly fibre: Fibre;
	/** The white fibres beside it, holding the same old colour without pigment in its way. */
	readonly white: Fibre;
	readonly remembered?: Remembered | undefined;
}

/** Layers assumed when the number is unknown: an old colour was rarely put on once. */
export const UNKNOWN_LAYERS = 2;

/** Washes a week where nobody said. */
export const USUAL_WASHES = 3;

/** Hair takes up only so much dye: many layers end at most this far below their deepest box, levels. */
const PAST_THE_BOX = 0.5;

/** The dose at which natural hair reaches a level along its own lift path, ≥ 0. */
export function doseToLevel(start: Fibre, level: number): number {
	if (levelOfFibre(start) >= level) return 0;
	let low = 0;
	let high = 1;
	// Past 40 nothing of either pigment is left to lose: the level cannot be reached by lightening.
	while (levelOfFibre(lightenFibre(start, high)) < level && high < 40) high *= 2;
	for (let i = 0; i < 40; i++) {
		const middle = (low + high) / 2;
		if (levelOfFibre(lightenFibre(start, middle)) < level) low = middle;
		else high = middle;
	}
	return high;
}

/**
 * Pigment of lightened hair read at a level: the point of that level on this head's own lift path,
 * because level and a hue name alone do not fix both pigments.
 */
export function pigmentOnPath(naturalLevel: number, warmth: Warmth, level: number): Pigment {
	if (level <= naturalLevel) return naturalPigment(level, warmth);
	const start: Fibre = { ...naturalPigment(naturalLevel, warmth), layers: [] };
	return lightenFibre(start, doseToLevel(start, level));
}

function layerOf(colour: ArtificialColour, onto: Pigment): DyeLayer {
	const layers = colour.layers ?? UNKNOWN_LAYERS;
	const dyes = depositOf([{ ...colour, grams: 1 }], onto, {
		vehicle: colour.kind,
		ratio: 1,
		minutes: VEHICLES[colour.kind].fullMinutes
	});
	const washes = (colour.weeksAgo ?? 0) * USUAL_WASHES;
	return {
		vehicle: colour.kind,
		level: colour.level,
		layers,
		dyes: scaleDyes(fadeDyes(dyes, colour.kind, washes), layers)
	};
}

/** A fibre with all its dye times a factor. */
export const withDyeTimes = (fibre: Fibre, factor: number): Fibre => ({
	...fibre,
	layers: fibre.layers.map((layer) => ({ ...layer, dyes: scaleDyes(layer.dyes, factor) }))
});

/** The factor on a fibre's dye that brings it to a level; at most 64, at least 0. */
export function dyeFactorTo(fibre: Fibre, level: number): number {
	let low = 0;
	let high = 1;
	while (levelOfFibre(withDyeTimes(fibre, high)) > level && high < 64) high *= 2;
	for (let i = 0; i < 40; i++) {
		const middle = (low + high) / 2;
		if (levelOfFibre(withDyeTimes(fibre, middle)) > level) low = middle;
		else high = middle;
	}
	return high;
}

/** The deepest that layers of colour can make hair: half a level below their deepest box, ≥ 1. */
export const deepestOf = (layers: readonly { readonly level: number }[]): number =>
	Math.max(1, Math.min(...layers.map(({ level }) => level)) - PAST_THE_BOX);

/**
 * The present state of a zone: natural or lightened pigment, with the layers of old colour scaled to
 * match the level that was read. Hair read lighter than it grows, yet coloured, was lightened first;
 * half a level is then taken to lie under the colour. Where no level was read, layers add up to no
 * more than half a level below the deepest box: hair takes up only so much dye.
 */
export function startOfReading(reading: HairReading): HairStart {
	const { naturalLevel, warmth, presentLevel, artificial = [] } = reading;
	if (artificial.length === 0) {
		const pigment = pigmentOnPath(naturalLevel, warmth, presentLevel ?? naturalLevel);
		return { fibre: { ...pigment, layers: [] }, white: WHITE_FIBRE };
	}
	const under =
		presentLevel !== undefined && presentLevel >= naturalLevel
			? pigmentOnPath(naturalLevel, warmth, presentLevel + 0.5)
			: naturalPigment(naturalLevel, warmth);
	const remembered: Remembered | undefined =
		presentLevel === undefined ? { before: { ...under, layers: [] }, dose: 0 } : undefined;
	const onto = (pigment: Pigment): Fibre => ({
		...pigment,
		layers: artificial.map((colour) => layerOf(colour, pigment))
	});
	const fibre = onto(under);
	const white = onto(WHITE_FIBRE);
	const deepest = deepestOf(artificial);
	if (presentLevel === undefined && levelOfFibre(fibre) >= deepest) {
		return { fibre, white, remembered };
	}
	const factor = dyeFactorTo(fibre, presentLevel ?? deepest);
	return { fibre: withDyeTimes(fibre, factor), white: withDyeTimes(white, factor), remembered };
}

/** The pigmented fibre of {@link startOfReading}. */
export const fibreOfReading = (reading: HairReading): Fibre => startOfReading(reading).fibre;

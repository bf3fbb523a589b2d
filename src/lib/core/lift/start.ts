import { naturalPigment, type Pigment, type Warmth } from '../hair';
import { depositOf, scaleDyes, VEHICLES, type Shade, type Vehicle } from '../tone';
import { levelOfFibre, lightenFibre, type DyeLayer, type Fibre } from './fibre';

/** Artificial colour as a person remembers it. */
export interface ArtificialColour extends Shade {
	readonly kind: Vehicle;
	/** How often it went over the same hair; 2 when nobody knows. */
	readonly layers?: number | undefined;
}

/** What is known of a zone of hair before today. */
export interface HairReading {
	readonly naturalLevel: number;
	readonly warmth: Warmth;
	/** What the zone reads now; left out, what its history would give. */
	readonly presentLevel?: number | undefined;
	readonly artificial?: readonly ArtificialColour[] | undefined;
}

/** Layers assumed when the number is unknown: an old colour was rarely put on once. */
export const UNKNOWN_LAYERS = 2;

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
	return {
		vehicle: colour.kind,
		level: colour.level,
		layers,
		dyes: scaleDyes(dyes, layers)
	};
}

/**
 * The present state of a zone: natural or lightened pigment, with the layers of old colour scaled to
 * match the level that was read. Hair read lighter than it grows, yet coloured, was lightened first;
 * half a level is then taken to lie under the colour. Where no level was read, layers add up to no
 * more than half a level below the deepest box: hair takes up only so much dye.
 */
export function fibreOfReading(reading: HairReading): Fibre {
	const { naturalLevel, warmth, presentLevel, artificial = [] } = reading;
	if (artificial.length === 0) {
		return { ...pigmentOnPath(naturalLevel, warmth, presentLevel ?? naturalLevel), layers: [] };
	}
	const under =
		presentLevel !== undefined && presentLevel >= naturalLevel
			? pigmentOnPath(naturalLevel, warmth, presentLevel + 0.5)
			: naturalPigment(naturalLevel, warmth);
	const layers = artificial.map((colour) => layerOf(colour, under));
	const asRemembered: Fibre = { ...under, layers };
	const deepest = Math.max(1, Math.min(...artificial.map(({ level }) => level)) - 0.5);
	if (presentLevel === undefined && levelOfFibre(asRemembered) >= deepest) return asRemembered;
	const reads = presentLevel ?? deepest;
	const scaled = (factor: number): Fibre => ({
		...under,
		layers: layers.map((layer) => ({ ...layer, dyes: scaleDyes(layer.dyes, factor) }))
	});
	let low = 0;
	let high = 1;
	while (levelOfFibre(scaled(high)) > reads && high < 64) high *= 2;
	for (let i = 0; i < 40; i++) {
		const middle = (low + high) / 2;
		if (levelOfFibre(scaled(middle)) > reads) low = middle;
		else high = middle;
	}
	return scaled(high);
}

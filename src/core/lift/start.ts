import { root } from '../numeric';
import { naturalPigment, type Pigment, type Warmth } from '../hair';
import {
	absorbanceAt550,
	addDyes,
	baseGrip,
	depositOfShade,
	fadeDyes,
	namedTones,
	scaleDyes,
	VEHICLES,
	type DepositConditions,
	type DyeAmounts,
	type Shade,
	type Vehicle
} from '../tone';
import { SATURATION } from './constants';
import {
	heldDyes,
	levelOfFibre,
	lightenFibre,
	WHITE_FIBRE,
	type DyeLayer,
	type Fibre
} from './fibre';
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

/** The dose at which natural hair reaches a level along its own lift path, ≥ 0. */
export function doseToLevel(start: Fibre, level: number): number {
	if (levelOfFibre(start) >= level) return 0;
	const past = (dose: number) => levelOfFibre(lightenFibre(start, dose)) - level;
	let most = 1;
	// Past 40 nothing of either pigment is left to lose: the level cannot be reached by lightening.
	while (past(most) < 0 && most < 40) most *= 2;
	return past(most) < 0 ? most : root(past, 0, most, 1e-11);
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

/**
 * What one application of a remembered colour left: its tube, held off by the pigment and the brown of
 * older layers, at its customary ratio and full time.
 */
export function rememberedDeposit(
	shade: Shade,
	vehicle: Vehicle,
	onto: Fibre,
	hair: Pick<DepositConditions, 'texture' | 'naturalRed'> = {}
): DyeAmounts {
	const { ratio, fullMinutes } = VEHICLES[vehicle];
	const brown = onto.layers.reduce((sum, { dyes }) => sum + (dyes.brown ?? 0), 0);
	const filled: Pigment = { ...onto, eumelanin: onto.eumelanin + brown };
	const deposit = depositOfShade(
		shade,
		filled,
		{ ...hair, vehicle, ratio, minutes: fullMinutes },
		0
	);
	if (Object.keys(namedTones(shade, vehicle)).length > 0) return deposit;
	// The ash of a natural shade is part of its base: what older layers hold keeps it off as well, or hair
	// that was coloured often would lift to a cool brown and not to a warm one.
	const ash = baseGrip({ eumelanin: brown, pheomelanin: 0 }, shade.level);
	return { ...scaleDyes(deposit, ash), brown: deposit.brown ?? 0 };
}

/**
 * A fibre with one more layer of colour. Further layers of the same kind of colour count as repeats
 * whatever their shade, and what lies under is then as hard to remove as the newest.
 */
export function withLayer(
	fibre: Fibre,
	layer: Pick<DyeLayer, 'vehicle' | 'level' | 'dyes'>,
	times = 1
): Fibre {
	const alike = fibre.layers.filter(({ vehicle }) => vehicle === layer.vehicle);
	const layers = Math.max(0, ...alike.map((other) => other.layers)) + times;
	return {
		...fibre,
		layers: [
			...fibre.layers.map((other) =>
				other.vehicle === layer.vehicle ? { ...other, layers } : other
			),
			{ ...layer, layers }
		]
	};
}

/** A fibre with what is remembered of one colour, put on as often as it was. */
function withColour(fibre: Fibre, colour: ArtificialColour): Fibre {
	const { kind, level, layers = UNKNOWN_LAYERS } = colour;
	const washes = (colour.weeksAgo ?? 0) * USUAL_WASHES;
	let dyes: DyeAmounts = {};
	for (let i = 0; i < layers; i++) {
		const onto = withLayer(fibre, { vehicle: kind, level, dyes });
		dyes = addDyes(dyes, rememberedDeposit(colour, kind, onto));
	}
	return withLayer(fibre, { vehicle: kind, level, dyes: fadeDyes(dyes, kind, washes) }, layers);
}

/** A fibre with all its dye times a factor. */
export const withDyeTimes = (fibre: Fibre, factor: number): Fibre => ({
	...fibre,
	layers: fibre.layers.map((layer) => ({ ...layer, dyes: scaleDyes(layer.dyes, factor) }))
});

/** The factor on a fibre's dye that brings it to a level, were all of it to show; 0-64. */
export function dyeFactorTo(fibre: Fibre, level: number): number {
	const bare: Fibre = { ...fibre, shows: undefined };
	const under = (factor: number) => level - levelOfFibre(withDyeTimes(bare, factor));
	let most = 1;
	while (under(most) < 0 && most < 64) most *= 2;
	if (under(most) < 0) return most;
	return under(0) >= 0 ? 0 : root(under, 0, most, 1e-11);
}

/** Two populations of fibres that hold the same old colour. */
type Pair = Pick<HairStart, 'fibre' | 'white'>;

const showing = (fibre: Fibre, share: number): Fibre => ({
	...fibre,
	shows: share * absorbanceAt550(heldDyes(fibre))
});

/**
 * Repeated colour shows at most a level deeper than its deepest layer, however much of it there is; all of
 * it has to come out.
 */
export function saturated(pair: Pair): Pair {
	const { layers } = pair.fibre;
	if (layers.length === 0) return pair;
	const deepest = Math.max(
		1,
		Math.min(...layers.map(({ level }) => level)) - SATURATION.deeperThanBox
	);
	if (levelOfFibre(pair.fibre) >= deepest) return pair;
	const share = dyeFactorTo(pair.fibre, deepest);
	return { fibre: showing(pair.fibre, share), white: showing(pair.white, share) };
}

/**
 * Coloured hair as it was read: it shows that level. What it holds is what shows on lighter hair; dark
 * hair is saturated and says nothing of it, so that there its history counts too, where it tells of more.
 */
export function asRead(pair: Pair, level: number): Pair {
	const shown = dyeFactorTo(pair.fibre, level);
	const held = shown + (1 - readingTells(level)) * Math.max(0, 1 - shown);
	const at = (fibre: Fibre): Fibre => {
		const full = withDyeTimes(fibre, held);
		return held > shown ? showing(full, shown / held) : full;
	};
	return { fibre: at(pair.fibre), white: at(pair.white) };
}

/** How far a level that was read tells what the hair holds, 0-1: all from 5.5, nothing to 4.5. */
export const readingTells = (level: number): number => {
	const { readTo, saturatedFrom } = SATURATION;
	return Math.min(1, Math.max(0, (level - saturatedFrom) / (readTo - saturatedFrom)));
};

/**
 * The present state of a zone: natural or lightened pigment, with the layers of old colour that it shows
 * and holds. Hair read lighter than it grows, yet coloured, was lightened first; half a level is then
 * taken to lie under the colour. Other hair under a remembered colour counts as untouched.
 */
export function startOfReading(reading: HairReading): HairStart {
	const { naturalLevel, warmth, presentLevel, artificial = [] } = reading;
	if (artificial.length === 0) {
		const pigment = pigmentOnPath(naturalLevel, warmth, presentLevel ?? naturalLevel);
		return { fibre: { ...pigment, layers: [] }, white: WHITE_FIBRE };
	}
	const under: Fibre = {
		...(presentLevel !== undefined && presentLevel >= naturalLevel
			? pigmentOnPath(naturalLevel, warmth, presentLevel + 0.5)
			: naturalPigment(naturalLevel, warmth)),
		layers: []
	};
	const pair = {
		fibre: artificial.reduce(withColour, under),
		white: artificial.reduce(withColour, WHITE_FIBRE)
	};
	const remembered: Remembered = {
		before: under,
		dose: 0,
		read: presentLevel === undefined ? 0 : readingTells(presentLevel)
	};
	return {
		...(presentLevel === undefined ? saturated(pair) : asRead(pair, presentLevel)),
		remembered
	};
}

/** The pigmented fibre of {@link startOfReading}. */
export const fibreOfReading = (reading: HairReading): Fibre => startOfReading(reading).fibre;

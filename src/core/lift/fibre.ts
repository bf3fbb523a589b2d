import { emptySpectrum, labOfTristimulus, levelOf, tristimulusOf, type Lab } from '../colour';
import { fed, labOfMixture, lightenPigment, RESIDUE, type Pigment } from '../hair';
import {
	absorbanceAt550,
	addDyeTo,
	dyeSpectrum,
	DYE_NAMES,
	scaleDyes,
	type DyeAmounts,
	type DyeName,
	type Vehicle
} from '../tone';
import { DYE_LOSS, SATURATION, TINT_REACH } from './constants';

/** Artificial colour in the hair, as one history entry left it. */
export interface DyeLayer {
	readonly vehicle: Vehicle;
	/** Level on the box: levels 1-2 count as black. */
	readonly level: number;
	/** How often it was applied, ≥ 1. */
	readonly layers: number;
	readonly dyes: DyeAmounts;
}

/** One point of pigmented hair. */
export interface Fibre extends Pigment {
	/** Old colour: all of it, which is what must come out. */
	readonly layers: readonly DyeLayer[];
	/**
	 * The most of that dye that shows, as absorbance at 550 nm: dark hair is saturated, and what it holds
	 * beyond that is seen only when the rest has gone. Left out, all of it shows.
	 */
	readonly shows?: number | undefined;
}

/** All dye in a fibre, whatever its layer: what must come out. */
export function heldDyes({ layers }: Fibre): DyeAmounts {
	const sum: Partial<Record<DyeName, number>> = {};
	for (const layer of layers) {
		for (const name of DYE_NAMES) {
			const amount = layer.dyes[name];
			if (amount) sum[name] = (sum[name] ?? 0) + amount;
		}
	}
	return sum;
}

/** The dye of a fibre that shows: {@link heldDyes}, at most as much as it shows. */
export function dyesOf(fibre: Fibre): DyeAmounts {
	const held = heldDyes(fibre);
	const share = shownShare(fibre);
	return share < 1 ? scaleDyes(held, share) : held;
}

/** Share of its dye that a fibre shows, 0-1. */
function shownShare({ layers, shows }: Fibre): number {
	if (shows === undefined) return 1;
	const held = layers.reduce((sum, { dyes }) => sum + absorbanceAt550(dyes), 0);
	return held > shows ? shows / held : 1;
}

const spectrumOf = (fibre: Fibre) =>
	fibre.layers.length > 0 ? dyeSpectrum(dyesOf(fibre)) : undefined;

/** A white fibre that was never coloured. */
export const WHITE_FIBRE: Fibre = { eumelanin: 0, pheomelanin: 0, layers: [] };

/**
 * Colour of a fibre; with a share of white fibres beside it, that of the area.
 * @param white the white fibres of the area, which hold dye of their own; left out, the same dye
 */
export const labOfFibre = (fibre: Fibre, whiteShare = 0, white?: Fibre): Lab =>
	labOfMixture(fibre, whiteShare, spectrumOf(fibre), white ? spectrumOf(white) : spectrumOf(fibre));

// One level is asked for some hundred thousand times in an interval: these are written over each time.
const scratchD = emptySpectrum();
const scratchXyz = { x: 0, y: 0, z: 0 };

/** Level of a fibre, without the cost of its spectrum. */
export function levelOfFibre(fibre: Fibre): number {
	// The brown base of tubes absorbs as eumelanin does: it is counted with it, and most old colour is
	// done with that.
	let brown = fibre.eumelanin;
	let coloured = false;
	const share = fibre.layers.length > 0 ? shownShare(fibre) : 1;
	for (const { dyes } of fibre.layers) {
		for (const name in dyes) {
			const amount = share * dyes[name as DyeName]!;
			if (!amount) continue;
			if (name === 'brown') {
				brown += amount;
				continue;
			}
			if (!coloured) scratchD.fill(0);
			coloured = true;
			addDyeTo(scratchD, name as DyeName, amount);
		}
	}
	tristimulusOf(brown, fibre.pheomelanin, coloured ? scratchD : undefined, scratchXyz);
	return levelOf(labOfTristimulus(scratchXyz));
}

/** Rate of loss of one dye of a layer against that of eumelanin. */
export function dyeLossRate(layer: DyeLayer, dye: DyeName): number {
	const permanent = layer.vehicle === 'permanent';
	const repeats = Math.min(DYE_LOSS.mostRepeats, Math.max(0, layer.layers - 1));
	const stubborn = permanent && (dye === 'red' || layer.level <= DYE_LOSS.blackFromLevel);
	const staying = layer.vehicle === 'direct' && (dye === 'blue' || dye === 'green');
	return (
		(permanent ? DYE_LOSS.permanent : DYE_LOSS.other) *
		Math.pow(DYE_LOSS.perRepeatedLayer, repeats) *
		(dye === 'brown' ? 1 : DYE_LOSS.toneAgainstBrown) *
		(stubborn ? DYE_LOSS.redOrBlack : 1) *
		(staying ? DYE_LOSS.directBlueOrGreen : 1)
	);
}

/** Whether old colour made this hair so dark that what it shows says nothing of what must come out. */
export const isDarkColour = (fibre: Fibre): boolean =>
	fibre.layers.some(({ vehicle }) => vehicle !== 'direct') &&
	levelOfFibre(fibre) <= SATURATION.saturatedFrom;

/** Share of its rate, 0.05-1, at which a tint reaches the natural pigment beneath oxidative dye. */
export function tintReach({ layers }: Fibre): number {
	const dye = layers.reduce(
		(sum, layer) => sum + (layer.vehicle === 'direct' ? 0 : absorbanceAt550(layer.dyes)),
		0
	);
	return TINT_REACH.least + (1 - TINT_REACH.least) * Math.exp(-dye / TINT_REACH.dye);
}

/**
 * A fibre after a dose of lightening: its pigment as {@link lightenPigment} says, each dye at its own rate,
 * and red dye leaving a fifth of what it loses as warm residue.
 * @param dose ≥ 0
 * @param byTint true for tints, which act on natural pigment only and hardly reach it under old tint
 */
export function lightenFibre(fibre: Fibre, dose: number, byTint = false): Fibre {
	const reaching = byTint && fibre.layers.length > 0 ? dose * tintReach(fibre) : dose;
	const { eumelanin, ...warm } = lightenPigment(fibre, reaching);
	let { pheomelanin } = warm;
	const layers =
		byTint || fibre.layers.length === 0
			? fibre.layers
			: fibre.layers.map((layer) => {
					const left: Partial<Record<DyeName, number>> = {};
					for (const name in layer.dyes) {
						const dye = name as DyeName;
						const amount = layer.dyes[dye];
						if (!amount) continue;
						const rate = dyeLossRate(layer, dye);
						left[dye] = amount * Math.exp(-rate * dose);
						if (dye === 'red') {
							pheomelanin += DYE_LOSS.redResidue * rate * amount * fed(dose, rate, RESIDUE.lost);
						}
					}
					return { ...layer, dyes: left };
				});
	return {
		eumelanin,
		pheomelanin,
		layers,
		...(fibre.shows === undefined ? {} : { shows: fibre.shows })
	};
}

import { emptySpectrum, levelOf, lightnessOfLuminance, luminanceOf, type Lab } from '../colour';
import { labOfMixture, type Pigment } from '../hair';
import {
	addDyeTo,
	dyeSpectrum,
	DYE_NAMES,
	type DyeAmounts,
	type DyeName,
	type Vehicle
} from '../tone';
import { DYE_LOSS, RESIDUE } from './constants';

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
	readonly layers: readonly DyeLayer[];
}

/** All dye in a fibre, whatever its layer. */
export function dyesOf(fibre: Fibre): DyeAmounts {
	const sum: Partial<Record<DyeName, number>> = {};
	for (const layer of fibre.layers) {
		for (const name of DYE_NAMES) {
			const amount = layer.dyes[name];
			if (amount) sum[name] = (sum[name] ?? 0) + amount;
		}
	}
	return sum;
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

/** Level of a fibre, without the cost of its hue. */
export function levelOfFibre({ eumelanin, pheomelanin, layers }: Fibre): number {
	// The brown base of tubes absorbs as eumelanin does: it is counted with it, and most old colour is
	// done with that.
	let brown = eumelanin;
	let coloured = false;
	for (const { dyes } of layers) {
		for (const name in dyes) {
			const amount = dyes[name as DyeName];
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
	const luminance = luminanceOf(brown, pheomelanin, coloured ? scratchD : undefined);
	return levelOf(lightnessOfLuminance(luminance));
}

/** Rate of loss of one dye of a layer against that of eumelanin. */
export function dyeLossRate(layer: DyeLayer, dye: DyeName): number {
	const base = layer.vehicle === 'permanent' ? DYE_LOSS.permanent : DYE_LOSS.other;
	const repeated = layer.layers <= 1 ? 1 : Math.pow(DYE_LOSS.perRepeatedLayer, layer.layers - 1);
	const stubborn =
		dye === 'red' || layer.level <= DYE_LOSS.blackFromLevel ? DYE_LOSS.redOrBlack : 1;
	const direct =
		layer.vehicle === 'direct' && (dye === 'blue' || dye === 'green')
			? DYE_LOSS.directBlueOrGreen
			: 1;
	return base * repeated * stubborn * direct;
}

/** `∫ exp(-f·s)·exp(-g·(I-s)) ds` over 0…I: what a loss at rate f feeds into a pool lost at rate g. */
const fed = (dose: number, f: number, g: number): number =>
	Math.abs(f - g) < 1e-9
		? dose * Math.exp(-g * dose)
		: (Math.exp(-g * dose) - Math.exp(-f * dose)) / (f - g);

/**
 * A fibre after a dose of lightening, in closed form: `E = E0·e^-I`,
 * `P = P0·e^-0.265I + 0.48·E0·(e^-0.265I - e^-I)/(1 - 0.265)`; each dye at its own rate, and red dye
 * leaving a fifth of what it loses as warm residue.
 * @param dose ≥ 0
 * @param sparesDye true for tints, which act on natural pigment only
 */
export function lightenFibre(fibre: Fibre, dose: number, sparesDye = false): Fibre {
	const { formed, lost } = RESIDUE;
	let pheomelanin =
		fibre.pheomelanin * Math.exp(-lost * dose) + formed * fibre.eumelanin * fed(dose, 1, lost);
	const layers =
		sparesDye || fibre.layers.length === 0
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
							pheomelanin += DYE_LOSS.redResidue * rate * amount * fed(dose, rate, lost);
						}
					}
					return { ...layer, dyes: left };
				});
	return { eumelanin: fibre.eumelanin * Math.exp(-dose), pheomelanin, layers };
}

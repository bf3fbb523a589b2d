import { levelOf, lightnessOf, reflectance, absorbance, type Lab } from '../colour';
import { labOfMixture, type Pigment } from '../hair';
import { dyeSpectrum, DYE_NAMES, type DyeAmounts, type DyeName, type Vehicle } from '../tone';
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

/** Colour of a fibre; with a share of white fibres beside it, that of the area. */
export const labOfFibre = (fibre: Fibre, whiteShare = 0): Lab =>
	labOfMixture(fibre, whiteShare, spectrumOf(fibre));

/** Level of a fibre, without the cost of its hue. */
export const levelOfFibre = (fibre: Fibre): number =>
	levelOf(
		lightnessOf(reflectance(absorbance(fibre.eumelanin, fibre.pheomelanin, spectrumOf(fibre))))
	);

/** Rate of loss of one dye of a layer against that of eumelanin. */
export function dyeLossRate(layer: DyeLayer, dye: DyeName): number {
	const base = layer.vehicle === 'permanent' ? DYE_LOSS.permanent : DYE_LOSS.other;
	const repeated = Math.pow(DYE_LOSS.perRepeatedLayer, Math.max(0, layer.layers - 1));
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
	const layers = sparesDye
		? fibre.layers
		: fibre.layers.map((layer) => {
				const left: Partial<Record<DyeName, number>> = {};
				for (const name of DYE_NAMES) {
					const amount = layer.dyes[name];
					if (!amount) continue;
					const rate = dyeLossRate(layer, name);
					left[name] = amount * Math.exp(-rate * dose);
					if (name === 'red') {
						pheomelanin += DYE_LOSS.redResidue * rate * amount * fed(dose, rate, lost);
					}
				}
				return { ...layer, dyes: left };
			});
	return { eumelanin: fibre.eumelanin * Math.exp(-dose), pheomelanin, layers };
}

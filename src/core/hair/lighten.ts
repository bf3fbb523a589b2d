import { labOfTristimulus, levelOf, perLadder, tristimulusOf } from '../colour';
import { bisect } from '../numeric';
import { RESIDUE } from './constants';
import { naturalPigment, type Pigment } from './natural';

/** `∫ exp(-f·s)·exp(-g·(I-s)) ds` over 0…I: what a loss at rate f feeds into a pool lost at rate g. */
export const fed = (dose: number, f: number, g: number): number =>
	Math.abs(f - g) < 1e-9
		? dose * Math.exp(-g * dose)
		: (Math.exp(-g * dose) - Math.exp(-f * dose)) / (f - g);

/**
 * Pigment after a dose of lightening, in closed form: `E = E0·e^-I`,
 * `P = P0·e^-0.26I + 0.30·E0·(e^-0.26I - e^-I)/(1 - 0.26)`.
 * @param dose ≥ 0
 */
export const lightenPigment = ({ eumelanin, pheomelanin }: Pigment, dose: number): Pigment => ({
	eumelanin: eumelanin * Math.exp(-dose),
	pheomelanin:
		pheomelanin * Math.exp(-RESIDUE.lost * dose) +
		RESIDUE.formed * eumelanin * fed(dose, 1, RESIDUE.lost)
});

/** Past this dose nothing of either pigment is left to lose. */
const MOST_DOSE = 40;
const solvedLightness = perLadder(() => new Map<number, number>());

/**
 * L* of raw hair of a level: neutral hair of level 3 lifted there, or natural hair of the level where that
 * is deeper. From lighter starts raw hair lies a little deeper.
 */
export function rawLightness(level: number): number {
	const lightness = solvedLightness();
	const known = lightness.get(level);
	if (known !== undefined) return known;
	const start = naturalPigment(Math.min(level, 3), 'neutral');
	const labAt = (dose: number) => {
		const { eumelanin, pheomelanin } = lightenPigment(start, dose);
		return labOfTristimulus(tristimulusOf(eumelanin, pheomelanin));
	};
	const reached = (dose: number) => dose >= MOST_DOSE || levelOf(labAt(dose)) >= level - 1e-9;
	const { l } = labAt(reached(0) ? 0 : bisect(reached, 0, MOST_DOSE, 1e-9));
	if (lightness.size > 4096) lightness.clear();
	lightness.set(level, l);
	return l;
}

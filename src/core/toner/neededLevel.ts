import { deltaE } from '../colour';
import { levelOfFibre, lightenFibre, doseToLevel, type Fibre } from '../lift';
import type { Steps } from '../steps';
import { rawLab } from '../tone';
import type { ToneProblem } from './search';
import { solveTone } from './solve';

/** Distance (ΔE00) at which a toner on better-lifted hair counts as reaching the aim. */
const REACHED = 2;

/** No lift is asked for past this level: hair hardly holds together beyond it. */
const HIGHEST = 11;

/**
 * The level this hair would have to be lifted to before a formula on the shelf comes within ΔE 2 of
 * the target, along its own lift path, to half a level. Too pale is no better than too deep (a sheer
 * toner cannot bring it down), so whole levels are tried upwards, then the half below the first hit.
 * @returns undefined when no lift would do it
 */
export function* neededLevelSteps(
	problem: Omit<ToneProblem, 'raw'>,
	fibre: Fibre
): Steps<number | undefined> {
	const start = levelOfFibre(fibre);
	const reaches = (level: number): boolean => {
		const { eumelanin, pheomelanin } = lightenFibre(fibre, doseToLevel(fibre, level));
		const raw = { pigment: { eumelanin, pheomelanin } };
		if (deltaE(rawLab(raw), problem.target) <= REACHED) return true;
		const best = solveTone({ ...problem, raw, most: 1, maxShades: 2 })[0];
		return best !== undefined && best.deltaE <= REACHED;
	};
	const from = Math.floor(start) + 1;
	for (let level = from; level <= HIGHEST; level++) {
		if (reaches(level)) {
			const half = level - 0.5;
			return half > start && reaches(half) ? half : level;
		}
		yield (level - from + 1) / (HIGHEST - from + 1);
	}
	return undefined;
}

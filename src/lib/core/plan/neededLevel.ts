import { deltaE, type Lab } from '../colour';
import { levelOfFibre, lightenFibre, doseToLevel, type Fibre } from '../lift';
import { rawLab, solveTone, type ToneProblem } from '../tone';

/** Distance (ΔE00) at which a toner on better-lifted hair counts as reaching the aim. */
const REACHED = 2;

/**
 * The level this hair would have to be lifted to before any formula on the shelf comes within ΔE 2
 * of the target, raised along its own lift path in half levels.
 * @returns undefined when no lift would do it (or none is needed)
 */
export function neededLevel(problem: Omit<ToneProblem, 'raw'>, fibre: Fibre): number | undefined {
	const start = levelOfFibre(fibre);
	const reached = (lab: Lab) => deltaE(lab, problem.target) <= REACHED;
	for (let level = Math.ceil(start * 2) / 2; level <= 11; level += 0.5) {
		if (level <= start) continue;
		const { eumelanin, pheomelanin } = lightenFibre(fibre, doseToLevel(fibre, level));
		const raw = { pigment: { eumelanin, pheomelanin } };
		if (reached(rawLab(raw))) return level;
		const best = solveTone({ ...problem, raw, most: 1 })[0];
		if (best && best.deltaE <= REACHED) return level;
	}
	return undefined;
}

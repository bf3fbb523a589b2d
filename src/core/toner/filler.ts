import { levelOf, type Lab } from '../colour';
import { FILLER } from './constants';
import { rawLab, type RawHair, type Shade } from '../tone';
import type { ToneProblem } from './search';
import { solveTone, type ToneFormula } from './solve';

/** Whether warm colour has to go back before darkening, and with what. */
export interface FillerAdvice {
	readonly needed: boolean;
	/** Why not: it still holds its own warmth, or it goes down by little. */
	readonly spared?: 'holdsWarmth' | 'fewLevels' | undefined;
	/** Levels it goes down. */
	readonly steps: number;
	/** The warm colour to bring the hair to first; absent when no filler is needed. */
	readonly target?: Lab | undefined;
	readonly formulas: readonly ToneFormula[];
}

const isWarm = ({ tone }: Shade): boolean => /[RCG]/.test(tone) && !/[VBMAP]/.test(tone);

/**
 * Filler: very pale hair has lost the warm pigment that brown rests on, and goes flat or green when it
 * is darkened by more than three levels. The warmth put back is what this hair would show if it had
 * been lifted only to a level above the one wanted.
 * @returns no formulas where the shelf holds no warm shade of the vehicle
 * @param wantedLevel level of the final colour
 * @param undertoneAt colour of this head's own lift path at a level
 */
export function fillerFor(
	raw: RawHair,
	wantedLevel: number,
	undertoneAt: (level: number) => Lab,
	problem: Pick<ToneProblem, 'shelf' | 'conditions' | 'totalGrams'>
): FillerAdvice {
	const from = levelOf(rawLab(raw));
	const steps = from - wantedLevel;
	if (steps <= FILLER.moreThanLevels || from < FILLER.paleFrom) {
		const spared = from < FILLER.paleFrom ? 'holdsWarmth' : 'fewLevels';
		return { needed: false, spared, steps: Math.max(0, steps), formulas: [] };
	}
	const target = undertoneAt(Math.min(from, wantedLevel + FILLER.aboveWanted));
	// Warm shades only: a natural base would come near in colour and leave the warmth out.
	const warm = problem.shelf.filter(isWarm);
	const formulas = solveTone({ ...problem, shelf: warm, raw, target, most: 3 });
	return {
		needed: true,
		steps,
		target,
		formulas
	};
}

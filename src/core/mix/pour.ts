import { WEIGHING } from './constants';
import { toStep } from './weigh';

/** One part of a bowl: what the recipe asks for, and what was poured so far, g. */
export interface PouredPart {
	readonly target: number;
	readonly poured: number;
}

/** How far a weighing may be off, g: a twentieth, never finer than the scale's step. */
export const toleranceOf = (target: number, step: number): number =>
	Math.max(step, toStep(target * WEIGHING.tolerance, step));

export type PourState = 'empty' | 'under' | 'near' | 'within' | 'over';

/** What a scale shows against its target. */
export function pourState({ target, poured }: PouredPart, step: number): PourState {
	const tolerance = toleranceOf(target, step);
	if (poured > target + tolerance) return 'over';
	if (poured >= target - tolerance) return 'within';
	if (poured >= target * WEIGHING.nearShare) return 'near';
	return poured < step ? 'empty' : 'under';
}

/**
 * What the parts of a bowl must weigh once too much of one was poured: the smallest mixture of the same
 * proportions that holds all that lies in it, since nothing can be taken out again. Parts that are within
 * their tolerance ask for nothing.
 * @returns new targets, in the order given; the same ones while nothing is over
 */
export function afterOverPour(parts: readonly PouredPart[], step: number): number[] {
	const over = parts.filter((part) => pourState(part, step) === 'over');
	const factor = Math.max(1, ...over.map(({ target, poured }) => poured / target));
	return parts.map(({ target }) => toStep(target * factor, step));
}

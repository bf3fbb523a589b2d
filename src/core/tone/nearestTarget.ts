import { deltaE, levelOf, type Lab } from '../colour';
import { DIRECTIONS } from '../vocabulary';
import { targetLab, type Direction, type ToneTarget } from './target';

/** A colour said in the words of an aim, and how far off the words are. */
export interface NearestTarget extends ToneTarget {
	/** ΔE00 between the colour and what the words mean. */
	readonly deltaE: number;
}

/**
 * The direction and the warmth kept whose tone comes nearest to a place on the wheel, at a level; both by trying
 * them all.
 */
export function nearestTone(
	{ a, b }: Pick<Lab, 'a' | 'b'>,
	level: number,
	untoned: Lab
): Pick<ToneTarget, 'direction' | 'keepWarmth'> {
	let best = { direction: DIRECTIONS[0] as Direction, keepWarmth: 0, off: Infinity };
	for (const direction of DIRECTIONS) {
		for (let i = 0; i <= WARMTH_STEPS; i++) {
			const keepWarmth = i / WARMTH_STEPS;
			const target = targetLab({ level, direction, keepWarmth }, untoned);
			const off = Math.hypot(target.a - a, target.b - b);
			if (off < best.off - 1e-9) best = { direction, keepWarmth, off };
		}
	}
	return { direction: best.direction, keepWarmth: best.keepWarmth };
}

/** Warmth is told in steps of a twentieth, as the dial has it. */
const WARMTH_STEPS = 20;

/**
 * The aim that comes nearest to a colour, as when one points at a picture: its level from its depth, the
 * direction and the warmth by trying them all.
 * @param untonedAt this head lifted to a level, before any toner
 */
export function nearestTarget(lab: Lab, untonedAt: (level: number) => Lab): NearestTarget {
	const level = Math.round(Math.min(12, Math.max(1, levelOf(lab))) * 4) / 4;
	const untoned = untonedAt(level);
	let best: NearestTarget | undefined;
	for (const direction of DIRECTIONS) {
		for (let i = 0; i <= WARMTH_STEPS; i++) {
			const target = { level, direction, keepWarmth: i / WARMTH_STEPS };
			const off = deltaE(targetLab(target, untoned), lab);
			if (!best || off < best.deltaE - 1e-9) best = { ...target, deltaE: off };
		}
	}
	return best!;
}

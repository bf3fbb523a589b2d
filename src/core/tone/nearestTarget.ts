import { deltaE, levelOf, type Lab } from '../colour';
import { DIRECTIONS } from '../vocabulary';
import { targetLab, type ToneTarget } from './target';

/** A colour said in the words of an aim, and how far off the words are. */
export interface NearestTarget extends ToneTarget {
	/** ΔE00 between the colour and what the words mean. */
	readonly deltaE: number;
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

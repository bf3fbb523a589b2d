import { undertoneOf, type Lab } from '../../core/colour';
import { describeTone, depthName, formatLevel } from '../../core/hair';
import { labOfFibre } from '../../core/lift';
import { targetLab, turnedTo, type Direction } from '../../core/tone';
import type { Aim, Reading } from '../../schema/records';
import { seenFibre } from '../head/hair';
import { liftTarget } from './lift';
import { DIRECTIONS } from '../../core/vocabulary';

interface Rung<T extends string = string> {
	readonly value: T;
	readonly name: string;
	readonly words: string;
	readonly lab: Lab;
}

/** Hair of this head lifted as far as the aim asks, before any toner. */
const rawAt = (reading: Reading, aim: Aim): Lab => labOfFibre(seenFibre(reading, liftTarget(aim)));

/** The aim's direction at every level from dark brown to lightest, and the hair it would stand on. */
export function levelRungs(reading: Reading, aim: Aim) {
	const rungs = Array.from({ length: 12 }, (_, i) => 4.5 + i / 2).map((level): Rung => {
		const at = { ...aim, level };
		const lab = targetLab(at, rawAt(reading, at));
		return { value: formatLevel(level), name: formatLevel(level), words: depthName(level), lab };
	});
	const raw = rawAt(reading, aim);
	return { rungs, raw, rawName: undertoneOf(raw).name };
}

/** Every direction at the aim's level, with the warmth that choosing it would keep. */
export const directionRungs = (reading: Reading, aim: Aim): Rung<Direction>[] =>
	DIRECTIONS.map((direction) => {
		const lab = targetLab(turnedTo(aim, direction), rawAt(reading, aim));
		return { value: direction, name: direction, words: describeTone(lab, 'toned'), lab };
	});

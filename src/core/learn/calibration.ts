import { levelInterval, type Remembered, type Spread } from '../lift';
import type { Steps } from '../steps';
import { expectedOf, type LevelLook } from './look';

/** A look with what was known of the head when it was planned. */
export interface PlannedLook {
	readonly look: LevelLook;
	/** Factor on the rate that was learned by then, 1 for typical. */
	readonly personal: number;
	readonly spread: Spread;
	/** What of the start was memory and not a reading. */
	readonly remembered?: Remembered | undefined;
}

/** What was predicted of a look, and what was seen. */
export interface JudgedLook {
	readonly seen: number;
	readonly expected: number;
	/** 10-90 % band of what somebody was to see. */
	readonly low: number;
	readonly high: number;
}

/** Looks between two reports of progress. */
const CHUNK = 20;

/** Predicts every look as it was predicted then, with its band. */
export function* judgeLooksSteps(looks: readonly PlannedLook[]): Steps<JudgedLook[]> {
	const judged: JudgedLook[] = [];
	for (const { look, personal, spread, remembered } of looks) {
		const { fibre, applications, factors, seen } = look;
		const band = levelInterval(fibre, applications, { ...factors, personal }, spread, remembered);
		judged.push({ seen, expected: expectedOf(look, personal), ...band.at(-1)! });
		if (judged.length % CHUNK === 0) yield judged.length / looks.length;
	}
	return judged;
}

/** How predictions stood to what was seen. */
export interface Calibration {
	readonly looks: number;
	/** Share of looks inside their 10-90 % band, 0-1: eight in ten where it is honest. */
	readonly inside: number;
	/** Mean of seen less expected, levels: negative where predictions were too hopeful. */
	readonly bias: number;
	/** Root mean square of the same. */
	readonly error: number;
}

/** @returns nothing without a look */
export function calibrationOf(judged: readonly JudgedLook[]): Calibration | undefined {
	const looks = judged.length;
	if (looks === 0) return undefined;
	const mean = (of: (one: JudgedLook) => number) =>
		judged.reduce((sum, one) => sum + of(one), 0) / looks;
	return {
		looks,
		inside: mean(({ seen, low, high }) => (seen >= low && seen <= high ? 1 : 0)),
		bias: mean(({ seen, expected }) => seen - expected),
		error: Math.sqrt(mean(({ seen, expected }) => (seen - expected) ** 2))
	};
}

import { perLadder } from '../colour';
import {
	levelOfFibre,
	predictLift,
	type Application,
	type AreaName,
	type Fibre,
	type HeadFactors
} from '../lift';
import type { Spoken } from './word';

/** Hair that somebody looked at, with all that the engine needs to expect it. */
export interface LookedHair {
	/** The hair as the day found it. */
	readonly fibre: Fibre;
	/** What had gone on it by then; the last one is what lay. */
	readonly applications: readonly Application[];
	readonly factors: Omit<HeadFactors, 'personal'>;
	/** Condition index that the hair began the day with, 0-100. */
	readonly condition: number;
	/** Minutes that it had lain. */
	readonly minutes: number;
	/** The area that was looked at; left out, the head. */
	readonly area?: AreaName | undefined;
}

/** A level that somebody saw. */
export interface LevelLook extends LookedHair {
	/** Level that was seen, 1-12. */
	readonly seen: number;
}

/** A word that somebody said of where it stands. */
export interface WordLook extends LookedHair, Spoken {
	readonly seen?: undefined;
	/** Level at which it was to be ready. */
	readonly target: number;
}

export type Look = LevelLook | WordLook;

/** Level that a look was to be expected at, for a head of some personal factor. */
export const expectedOf = (
	{ fibre, applications, factors, condition }: LookedHair,
	personal: number
): number =>
	levelOfFibre(predictLift(fibre, applications, { ...factors, personal }, condition).at(-1)!.fibre);

/** Between these the level is read off a straight line, steps of log(personal); further out it stays. */
const TABLE = { from: -1.6, to: 1.6, steps: 17 } as const;

/** A look does not change: what was worked out of it stands, however often a head is learned anew. */
const tables = perLadder(() => new WeakMap<LookedHair, Float64Array>());

/**
 * Level that a look was to be expected at by log(personal), as the learning asks for it: a grid asks for hundreds, which
 * a few tell to the hundredth; each is worked out when it is first asked for.
 */
export function levelsOf(look: LookedHair): (logPersonal: number) => number {
	const { from, to, steps } = TABLE;
	const step = (to - from) / (steps - 1);
	const tabled = tables();
	const known = tabled.get(look) ?? new Float64Array(steps).fill(NaN);
	tabled.set(look, known);
	const level = (i: number): number => {
		if (Number.isNaN(known[i]!)) known[i] = expectedOf(look, Math.exp(from + i * step));
		return known[i]!;
	};
	return (logPersonal) => {
		const at = Math.min(steps - 1.001, Math.max(0, (logPersonal - from) / step));
		const i = Math.floor(at);
		return level(i) + (level(i + 1) - level(i)) * (at - i);
	};
}

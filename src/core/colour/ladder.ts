import { LEVEL_LADDER } from './constants';

/*
 * Levels are told in a salon's own scale, as lengths are told in a country's units: the ladder is chosen
 * once for a page, a worker or a server, and everything that speaks of levels follows it. Handing it
 * through every function between a dial and a pigment would put it into two hundred signatures, and one
 * that was forgotten would contradict the others on the screen.
 */
let inUse: readonly number[] = LEVEL_LADDER;

/** Depths of levels 1, 2, 3 … in units of L*, rising: the usual ones unless a salon has its own. */
export const ladderInUse = (): readonly number[] => inUse;

/**
 * Chooses the ladder in which all levels are told from now on; nothing goes back to the usual one. What
 * was worked out in another is forgotten ({@link perLadder}).
 * @param ladder depths of levels 1-12 in units of L*, rising
 */
export function useLadder(ladder: readonly number[] = LEVEL_LADDER): void {
	const same = ladder.length === inUse.length && ladder.every((depth, i) => depth === inUse[i]);
	if (!same) inUse = ladder;
}

/**
 * Something worked out from levels, kept as long as the ladder in use stays the same.
 * @param make makes it empty
 */
export function perLadder<T>(make: () => T): () => T {
	let of: readonly number[] | undefined;
	let value: T;
	return () => {
		if (of !== inUse) [of, value] = [inUse, make()];
		return value;
	};
}

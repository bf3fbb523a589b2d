import { MELT } from './constants';

/** A toner that reaches along the strand from one end, cm; the rest of the hair has another. */
export interface Reaching {
	readonly from: 'scalp' | 'tips';
	readonly cm: number;
}

/** Without a corner at either end: 0 at 0, 1 at 1. */
const smooth = (t: number): number => t * t * (3 - 2 * t);

/**
 * How much of a place a toner covers: all of it as far as it reaches, then less and less, for it is drawn out
 * into the hair beside it.
 * @param cm distance from the end of the strand that it begins at, ≥ 0
 * @returns a share, 0-1
 */
export function reachShare(cm: number, reachCm: number): number {
	if (cm <= reachCm) return 1;
	const out = Math.max(reachCm * MELT.runsOut, MELT.leastCm);
	return cm >= reachCm + out ? 0 : 1 - smooth((cm - reachCm) / out);
}

/**
 * The share of each of several toners at a place, that of the rest of the hair last; together 1. What reaches less
 * far lies over what reaches further, so that several from one end run into one another.
 * @param cm distance from the scalp
 */
export function meltShares(
	cm: number,
	lengthCm: number,
	reaching: readonly Reaching[]
): readonly number[] {
	const shares = reaching.map(() => 0);
	let rest = 1;
	const order = reaching.map((_, i) => i).sort((p, q) => reaching[q]!.cm - reaching[p]!.cm);
	for (const at of order) {
		const { from, cm: reachCm } = reaching[at]!;
		const share = reachShare(from === 'scalp' ? cm : Math.max(0, lengthCm - cm), reachCm);
		for (let i = 0; i < shares.length; i++) shares[i]! *= 1 - share;
		rest *= 1 - share;
		shares[at] = share;
	}
	return [...shares, rest];
}

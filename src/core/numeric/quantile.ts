/**
 * The value at a share of a sorted list, linear between neighbours.
 * @param sorted ascending, not empty; may end in infinities
 * @param share 0-1
 */
export function quantile(sorted: ArrayLike<number>, share: number): number {
	const at = share * (sorted.length - 1);
	const i = Math.floor(at);
	const low = sorted[i]!;
	const high = sorted[Math.min(i + 1, sorted.length - 1)]!;
	// What never arrives is infinite; between two of those there is nothing to interpolate.
	return low === high ? low : low + (high - low) * (at - i);
}

/** How far what was seen may pull a factor from 1. */
interface FactorBounds {
	readonly least: number;
	readonly most: number;
	/** Visits that 1 counts as. */
	readonly priorVisits: number;
}

/**
 * The mean of ratios of seen to reckoned on a log scale, drawn to 1 as if some visits had been typical,
 * because one proves little.
 * @param ratios each > 0
 * @returns factor within its bounds; 1 without any
 */
export function meanFactor(
	ratios: readonly number[],
	{ least, most, priorVisits }: FactorBounds
): number {
	const sum = ratios.reduce((all, ratio) => all + Math.log(ratio), 0);
	return Math.min(most, Math.max(least, Math.exp(sum / (ratios.length + priorVisits))));
}

/** What was predicted of a look, and what was seen. */
export interface JudgedLook {
	readonly seen: number;
	readonly expected: number;
	/** 10-90 % band of what somebody was to see. */
	readonly low: number;
	readonly high: number;
}

/** How predictions stood to what was seen. */
export interface Calibration {
	readonly looks: number;
	/** Share of looks inside their 10-90 % band, 0-1: eight in ten where it is honest. */
	readonly inside: number;
	/** Mean of seen less expected, levels: negative where predictions were too hopeful. */
	readonly bias: number;
	/** Standard deviation of that mean, levels. */
	readonly biasSd: number;
	/** Root mean square of the same differences, levels. */
	readonly error: number;
}

/** @returns nothing without a look */
export function calibrationOf(judged: readonly JudgedLook[]): Calibration | undefined {
	const looks = judged.length;
	if (looks === 0) return undefined;
	const mean = (of: (one: JudgedLook) => number) =>
		judged.reduce((sum, one) => sum + of(one), 0) / looks;
	const bias = mean(({ seen, expected }) => seen - expected);
	const square = mean(({ seen, expected }) => (seen - expected) ** 2);
	return {
		looks,
		inside: mean(({ seen, low, high }) => (seen >= low && seen <= high ? 1 : 0)),
		bias,
		biasSd: Math.sqrt(Math.max(0, square - bias * bias) / Math.max(1, looks - 1)),
		error: Math.sqrt(square)
	};
}

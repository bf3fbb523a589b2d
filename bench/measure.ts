/** Timings of one thing, milliseconds. */
export interface Timing {
	readonly name: string;
	readonly median: number;
	readonly p95: number;
	/** What docs and issues ask for, where they ask. */
	readonly goal?: number | undefined;
}

/** A fast way beside the plain one it stands for. */
export interface Comparison {
	readonly name: string;
	readonly fastMs: number;
	readonly plainMs: number;
	/** How many times faster. */
	readonly ratio: number;
	/** Largest difference between the two, levels. */
	readonly worstErrorLevels: number;
}

/** Runs work until it is warm, then times it. */
export function measure(name: string, work: () => unknown, goal?: number, runs = 200): Timing {
	for (let i = 0; i < Math.min(30, runs); i++) work();
	const times = Array.from({ length: runs }, () => {
		const begun = performance.now();
		work();
		return performance.now() - begun;
	}).sort((p, q) => p - q);
	const at = (share: number) => times[Math.min(runs - 1, Math.floor(share * runs))]!;
	return { name, median: at(0.5), p95: at(0.95), ...(goal === undefined ? {} : { goal }) };
}

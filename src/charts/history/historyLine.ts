/** Share of the line at which a time lies: now at 1, the oldest at 0, recent months drawn wider. */
export function placeOf(weeks: number, oldestWeeks: number): number {
	const reach = Math.max(52, oldestWeeks);
	return 1 - Math.sqrt(Math.min(weeks, reach) / reach);
}

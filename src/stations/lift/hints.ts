/**
 * The next choice upwards on a scale, for telling what one step of it would do; at its top, the one below.
 * Choices that stand level with the present one are no step.
 */
export function nextOf<T extends string>(
	options: readonly T[],
	now: T,
	scale: (option: T) => number
): T {
	const at = scale(now);
	const higher = options.filter((option) => scale(option) > at);
	const lower = options.filter((option) => scale(option) < at);
	const nearest = (candidates: readonly T[]) =>
		candidates.reduce((best, one) =>
			Math.abs(scale(one) - at) < Math.abs(scale(best) - at) ? one : best
		);
	return higher.length > 0 ? nearest(higher) : lower.length > 0 ? nearest(lower) : now;
}

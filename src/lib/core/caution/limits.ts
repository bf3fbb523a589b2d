/** Limits the rules use. Usual practice; the maker's directions and local rules go first. */
export const CAUTION_LIMITS = {
	patchHours: 48,
	patchMonths: 6,
	strandMonths: 6,
	onScalpVolume: 20,
	offScalpVolume: 30,
	highLiftVolume: 40,
	overlapVolume: 10,
	relaxerWeeks: 4,
	stopCondition: 40,
	leastCondition: 55,
	hotRootLevels: 0.4,
	tonerVolume: 20
} as const;

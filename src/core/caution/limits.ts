import { CONDITION_FROM } from '../hair';

/** Limits the rules use. Usual practice; the maker's directions and local rules go first. */
export const CAUTION_LIMITS = {
	patchHours: 48,
	patchMonths: 6,
	strandMonths: 6,
	onScalpVolume: 20,
	offScalpVolume: 30,
	highLiftVolume: 40,
	bleachWashVolume: 40,
	overlapVolume: 10,
	relaxerWeeks: 4,
	stopCondition: CONDITION_FROM.fragile,
	leastCondition: CONDITION_FROM.watch,
	/** Old colour that a test strand moves by less than this will not lift with the rest, levels. */
	oldColourMoves: 0.5,
	hotRootLevels: 0.4,
	tonerVolume: 20
} as const;

/** Strongest developers that are usual, in volumes; over them a reason is asked. Salons differ. */
export interface Ceilings {
	/** Lightener on the scalp, or under film close to it. */
	readonly onScalp: number;
	readonly offScalp: number;
	/** High-lift and permanent colour. */
	readonly tint: number;
	/** A bleach wash off the scalp; on it the ceiling is that of lightener. */
	readonly bleachWash: number;
}

export const USUAL_CEILINGS: Ceilings = {
	onScalp: CAUTION_LIMITS.onScalpVolume,
	offScalp: CAUTION_LIMITS.offScalpVolume,
	tint: CAUTION_LIMITS.highLiftVolume,
	bleachWash: CAUTION_LIMITS.bleachWashVolume
};

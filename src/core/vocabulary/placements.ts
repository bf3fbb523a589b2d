/** Where a mixture works: how warm the hair is there past the scalp's heat, and how much moisture is kept. */
interface PlacementFacts {
	/** °C. */
	readonly temperatureC: number;
	/** 0-1; 1 keeps all. */
	readonly moisture: number;
}

/** Places, in the order in which they are offered. A place that is added here is there everywhere. */
export const PLACEMENTS = {
	foil: { temperatureC: 31, moisture: 1 },
	foilCovered: { temperatureC: 33, moisture: 1 },
	foilHairline: { temperatureC: 32.5, moisture: 1 },
	openAir: { temperatureC: 27, moisture: 0.6 },
	film: { temperatureC: 30, moisture: 0.9 },
	cap: { temperatureC: 31, moisture: 1 },
	onScalp: { temperatureC: 27, moisture: 0.83 }
} as const satisfies Readonly<Record<string, PlacementFacts>>;

export type Placement = keyof typeof PLACEMENTS;
export const PLACEMENT_NAMES = Object.keys(PLACEMENTS) as Placement[];

/** Whether hair lies in a packet of foil there. */
export const isFoil = (placement: Placement): boolean => placement.startsWith('foil');

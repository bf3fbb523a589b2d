/** What a salon asks for: by the hour, by the application, and where it likes by foil and by gram. */
export interface Rates {
	readonly perHour: number;
	/** Materials of one application. */
	readonly perApplication: number;
	readonly perFoil?: number | undefined;
	/** Of everything that is mixed. */
	readonly perGram?: number | undefined;
}

/** What a visit takes, as far as it is priced. */
export interface Priced {
	readonly chairMinutes: number;
	readonly applications: number;
	readonly foils?: number | undefined;
	readonly grams?: number | undefined;
}

/** Price of a visit, in the currency of its rates. What is not known of it is not asked for. */
export const servicePrice = (
	{ chairMinutes, applications, foils = 0, grams = 0 }: Priced,
	{ perHour, perApplication, perFoil = 0, perGram = 0 }: Rates
): number =>
	(perHour * chairMinutes) / 60 + perApplication * applications + perFoil * foils + perGram * grams;

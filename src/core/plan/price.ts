/** Price of a visit, in the currency of its rates: the hours, and the materials of every application. */
export const servicePrice = (
	chairMinutes: number,
	applications: number,
	rates: { readonly perHour: number; readonly perApplication: number }
): number => (rates.perHour * chairMinutes) / 60 + rates.perApplication * applications;

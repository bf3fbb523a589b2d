import type { ChosenPart } from '../schema/records';

/** A formula as it is said at the bench: 9V 20 g, clear 10 g. */
export const formulaWords = (parts: readonly ChosenPart[]): string =>
	parts.map(({ name, grams }) => `${name} ${grams} g`).join(' + ');

/** A colour difference in words; 1 is just visible, 4 plain to see. */
export function distanceWords(deltaE: number): string {
	if (deltaE <= 2) return 'on the aim';
	if (deltaE <= 4) return 'close';
	return deltaE <= 8 ? 'off the aim' : 'far off';
}

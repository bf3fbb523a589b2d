import { readSpoken, type UnspokenFormula } from '../../core/tone';
import type { ChosenPart, ShelfLine } from '../../schema/records';
import { partOfShade } from './tone';

/** A formula that somebody wrote or kept, with what was said of how it is mixed. */
export interface OwnFormula {
	readonly parts: readonly ChosenPart[];
	readonly ratio?: number | undefined;
	readonly developerVolume?: number | undefined;
	readonly minutes?: number | undefined;
}

/** A formula as it was said, in shades of the shelf; or what of it is not understood. */
export type Heard =
	| { readonly formula: OwnFormula; readonly fault?: undefined }
	| { readonly formula?: undefined; readonly fault?: UnspokenFormula };

/**
 * Hears a formula as it is said at the bench.
 * @param shades that may be meant, those of the line first
 * @param totalGrams of colour in the bowl, where it is not said
 * @param step finest step of the scale, g
 */
export function hearFormula(
	said: string,
	line: ShelfLine,
	shades: ShelfLine['shades'],
	totalGrams: number,
	step?: number
): Heard {
	if (said.trim() === '') return {};
	const read = readSpoken(said, { key: line.key, shades }, totalGrams, step);
	if (!read.ok) return { fault: read };
	const parts = read.parts.map(({ shade, grams }) =>
		shade ? partOfShade(shade, grams) : { name: 'clear', grams }
	);
	return { formula: { ...read, parts } };
}

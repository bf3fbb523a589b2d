import { blendDeveloper, type RatioFault } from '../core/mix';
import type { Shelf } from '../schema/records';

/** The strengths of the bowls in a few words: one, or those they are raised through. */
export function strengthWords({
	bowls
}: {
	readonly bowls: readonly { readonly volume: number }[];
}): string {
	const volumes = [...new Set(bowls.map(({ volume }) => volume))];
	if (volumes.length === 0) return 'nothing';
	if (volumes.length > 2) return `${Math.min(...volumes)} to ${Math.max(...volumes)} vol`;
	return `${volumes.join(' and ')} vol`;
}

/** An in-between strength in parts of stocked developers; empty for one that is stocked. */
export function blendWords(volume: number, shelf: Shelf | undefined): string {
	const blend = blendDeveloper(volume, BLENDED_GRAMS, shelf?.developers ?? []);
	if (!blend) return `${volume} vol cannot be mixed from the shelf`;
	if (blend.parts.length === 1) return '';
	return blend.parts.map((part) => `${part.grams} g ${part.volume} vol`).join(' + ');
}
/** A usual bowl’s developer: its parts are round figures for round strengths, g. */
const BLENDED_GRAMS = 60;

/** Why a ratio cannot be worked with. */
export const ratioFaultWords = (ratio: number, { fault, nearest }: RatioFault): string =>
	fault === 'dry'
		? `1 : ${ratio} stays too dry to saturate hair: use at least 1 : ${nearest}.`
		: `1 : ${ratio} runs off the hair: use 1 : ${nearest} at most.`;

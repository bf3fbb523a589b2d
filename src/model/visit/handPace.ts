import { handPaceOf } from '../../core/learn';
import { HAND_PACES } from '../../core/work';
import type { VisitCard } from '../index/card';
import type { Shelf } from '../../schema/records';

/** How fast somebody puts colour on. */
export interface HandPace {
	/** Factor on minutes, 1 for usual hands. */
	readonly factor: number;
	/** What the salon says of them. */
	readonly preset: keyof typeof HAND_PACES;
	/** Services of which Chair knows when all was on. */
	readonly visits: number;
}

/** What the salon says of a colourist's hands; of all, where it says nothing of theirs. */
export const presetPace = (shelf: Shelf | undefined, colourist: string): HandPace['preset'] =>
	shelf?.handPaces?.[colourist] ?? shelf?.handPace ?? 'usual';

/**
 * A colourist's pace from what is said of them, corrected by what Chair logged.
 * @param cards of the whole salon
 * @param own the visit that is being planned: it does not count for itself
 */
export function handPaceFrom(
	cards: Iterable<VisitCard>,
	colourist: string,
	own: Pick<VisitCard, 'id' | 'date'>,
	shelf: Shelf | undefined
): HandPace {
	const preset = presetPace(shelf, colourist);
	const seen: { readonly tookMinutes: number; readonly reckonedMinutes: number }[] = [];
	if (!shelf?.learnOff?.includes('pace')) {
		for (const { id, date, colourist: by, allOn, isUntaught } of cards) {
			if (!allOn || by !== colourist || id === own.id || date > own.date || isUntaught) continue;
			seen.push({ tookMinutes: allOn.minute, reckonedMinutes: allOn.reckonedMinutes });
		}
	}
	return { factor: handPaceOf(seen, HAND_PACES[preset]), preset, visits: seen.length };
}

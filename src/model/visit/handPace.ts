import { handPaceOf } from '../../core/learn';
import { HAND_PACES } from '../../core/work';
import type { Shelf, Visit } from '../../schema/records';

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
 * @param visits of the whole salon
 * @param own the visit that is being planned: it does not count for itself
 */
export function handPaceFrom(
	visits: Iterable<Visit>,
	colourist: string,
	own: Pick<Visit, 'id' | 'date'>,
	shelf: Shelf | undefined
): HandPace {
	const preset = presetPace(shelf, colourist);
	const all = shelf?.learnOff?.includes('pace') ? [] : [...visits];
	const seen = all.flatMap((visit) => {
		const { allOn } = visit.run;
		if (!allOn || visit.colourist !== colourist || visit.id === own.id) return [];
		if (visit.date > own.date || visit.result.untaught) return [];
		return [{ tookMinutes: allOn.minute, reckonedMinutes: allOn.reckonedMinutes }];
	});
	return { factor: handPaceOf(seen, HAND_PACES[preset]), preset, visits: seen.length };
}

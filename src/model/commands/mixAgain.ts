import type { ChosenPart, ShelfLine, Visit } from '../../schema/records';
import { scaledTo } from '../ledger/rows';
import { restNeeds } from '../visit/tonerNeed';
import { chooseOfLine } from './toner';

/** Mixes an old formula for this head, on a draft: in its line's own way, scaled to what this head takes. */
export function mixAgain(
	draft: Visit,
	parts: readonly ChosenPart[],
	line: ShelfLine,
	scaleStep: number
): void {
	const needs = restNeeds(draft, line.ratio, draft.tone.placed ?? []);
	const grams = needs.reduce((sum, need) => sum + need.grams, 0);
	draft.tone.totalGrams = Math.max(1, Math.round(grams));
	chooseOfLine(draft.tone, scaledTo(parts, draft.tone.totalGrams, scaleStep), line);
}

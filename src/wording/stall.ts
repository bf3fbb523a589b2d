import { formatLevel } from '../core/hair';
import type { StallPoint } from '../core/toner';
import type { ChosenPart } from '../schema/records';
import { formulaWords } from './tone';

/** What a further round would bring from there. */
export function nextRoundWords({ again, stopped }: StallPoint): string {
	if (!again) {
		return stopped === 'condition'
			? 'No further round: the hair would not stand it.'
			: 'No further round: it would gain nothing.';
	}
	const cost = `condition ${Math.round(again.condition)}`;
	return again.minutesToAim === undefined
		? `A fresh round brings ${again.levelGained.toFixed(1)} level more, to ${formatLevel(again.level)}; ${cost}.`
		: `A fresh round reaches the aim in ${again.minutesToAim} min; ${cost}.`;
}

/** The toner that still gives a wearable result, in the line's own codes. */
export function backupWords(
	{ backup, backupLevel }: StallPoint,
	parts: readonly ChosenPart[] | undefined
): string {
	const [best] = backup;
	if (!best || !parts) return '';
	if (parts.length === 0) return `Or leave it: ${formatLevel(best.level)} as it is.`;
	return `Or tone to ${formatLevel(backupLevel)}: ${formulaWords(parts)}, ${best.minutes} min.`;
}

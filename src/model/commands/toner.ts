import type { ChosenPart, ShelfLine, TonePlan, Visit } from '../../schema/records';

/** Chooses a formula of a line, on a draft; one without parts is the choice of no toner. */
export function chooseToner(
	tone: TonePlan,
	parts: readonly ChosenPart[],
	line: ShelfLine | undefined
): void {
	tone.choice = parts.length === 0 ? 'none' : 'formula';
	tone.parts = [...parts];
	if (!line) return;
	tone.lineId = line.id;
	tone.vehicle = line.vehicle;
}

/** Changes to another line, in its own ratio and minutes; what was chosen of the one before is open again. */
export function chooseLine(tone: TonePlan, line: ShelfLine): void {
	Object.assign(tone, {
		lineId: line.id,
		vehicle: line.vehicle,
		ratio: line.ratio,
		minutes: line.minutes,
		choice: 'open',
		parts: []
	} satisfies Partial<TonePlan>);
	// What went before it was mixed from the line that is left.
	delete tone.filler;
}

/** Goes on with the toner; going on with the suggestion is choosing it. */
export function settleToner(
	draft: Visit,
	suggested: readonly ChosenPart[],
	line: ShelfLine | undefined
): void {
	if (draft.tone.choice === 'open') chooseToner(draft.tone, suggested, line);
	if (!draft.settled.includes('tone')) draft.settled.push('tone');
}

/** Puts warm colour on before the toner, or takes it out of the plan again. */
export function fillFirst(tone: TonePlan, parts: readonly ChosenPart[], minutes: number): void {
	tone.filler = { parts: [...parts], minutes };
}

/** Tones in two steps, on a draft: the first is rinsed before the second goes on. */
export function toneInTwoSteps(
	tone: TonePlan,
	first: readonly ChosenPart[],
	second: readonly ChosenPart[],
	line: ShelfLine
): void {
	chooseToner(tone, second, line);
	tone.filler = { parts: [...first], minutes: tone.minutes, isToner: true };
}

import type { OwnFormula } from '../visit/heard';
import type {
	ChosenPart,
	HouseFormula,
	Shelf,
	ShelfLine,
	TonePlan,
	TonerMix,
	Visit
} from '../../schema/records';

/** Chooses a formula of a line, on a draft; one without parts is the choice of no toner. */
export function chooseToner(
	tone: TonerMix,
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
export function chooseLine(tone: TonerMix & Pick<TonePlan, 'filler'>, line: ShelfLine): void {
	Object.assign(tone, {
		lineId: line.id,
		vehicle: line.vehicle,
		ratio: line.ratio,
		minutes: line.minutes,
		choice: 'open',
		parts: []
	} satisfies Partial<TonerMix>);
	// What went before it was mixed from the line that is left, and with its developer.
	delete tone.filler;
	delete tone.developerVolume;
}

/** Chooses a formula of another line, on a draft, in that line's own ratio and minutes. */
export function chooseOfLine(
	tone: TonerMix & Pick<TonePlan, 'filler'>,
	parts: readonly ChosenPart[],
	line: ShelfLine
): void {
	chooseLine(tone, line);
	chooseToner(tone, parts, line);
}

/** Says on a draft whether toners go on damp hair. */
export function setDamp(tone: TonePlan, damp: boolean): void {
	if (damp) tone.damp = true;
	else delete tone.damp;
}

/** Says on a draft whether porous hair is evened out first. */
export function setEvened(tone: TonePlan, evened: boolean): void {
	if (evened) tone.evened = true;
	else delete tone.evened;
}

/** A toner as it is suggested. */
interface Suggested {
	readonly parts: readonly ChosenPart[];
	readonly line: ShelfLine | undefined;
}

/**
 * Goes on with the toner; going on with the suggestion is choosing it.
 * @param placed what is suggested for some of the hair, by what those toners go by
 */
export function settleToner(
	draft: Visit,
	{ parts, line }: Suggested,
	placed: readonly (Suggested & { readonly id: string })[] = []
): void {
	if (draft.tone.choice === 'open') chooseToner(draft.tone, parts, line);
	for (const one of draft.tone.placed ?? []) {
		const suggested = placed.find(({ id }) => id === one.id);
		// What was not found yet stays open.
		if (suggested && suggested.parts.length > 0 && one.choice === 'open')
			chooseToner(one, suggested.parts, suggested.line);
	}
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

/** Mixes a formula of one's own, on a draft: what was not said of it stays as it was. */
export function mixOwn(tone: TonerMix, formula: OwnFormula, line: ShelfLine): void {
	chooseToner(tone, formula.parts, line);
	const { ratio, developerVolume, minutes } = formula;
	if (ratio !== undefined) tone.ratio = ratio;
	if (minutes !== undefined) tone.minutes = minutes;
	if (developerVolume !== undefined) tone.developerVolume = developerVolume;
	if (tone.developerVolume === line.developerVolume) delete tone.developerVolume;
}

/** Keeps a blend by a name of the salon's own, on a draft; one of that name gives way to it. */
export function keepFormula(shelf: Shelf, formula: HouseFormula): void {
	const others = (shelf.formulas ?? []).filter(({ name }) => name !== formula.name);
	shelf.formulas = [...others, formula].toSorted((p, q) => p.name.localeCompare(q.name));
}

/** Lets a kept blend go, on a draft. */
export function dropFormula(shelf: Shelf, id: string): void {
	shelf.formulas = (shelf.formulas ?? []).filter((formula) => formula.id !== id);
}

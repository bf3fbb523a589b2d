import { formatLevel } from '../core/hair';
import { parseTone } from '../core/tone';
import type { LedgerThing } from '../schema/ledger';
import type { ChosenPart, Reading } from '../schema/records';
import { ACT_WORDS, FAULT_WORDS } from './cures';
import { formulaWords, PLACE_NAMES, toneWords } from './tone';
import {
	areaWords,
	formatDate,
	formatMonth,
	formatRatio,
	labelIn,
	PLACEMENT_OPTIONS,
	PRODUCT_OPTIONS,
	STEP_NAMES
} from './words';

/** What the ledger is told apart in. */
export const LEDGER_KINDS: Readonly<Record<LedgerThing['kind'], string>> = {
	lightening: 'lightening',
	toner: 'toners',
	cure: 'what was mended',
	trial: 'trials',
	bench: 'bench',
	visit: 'visits'
};

const AS_WORDS = { lowlights: 'lowlights', filler: 'filler', firstToner: 'first toner' } as const;

/** Every strength that was mixed: “20 vol”, “10 to 20 vol”. */
const strengthWords = (volumes: readonly number[]): string => {
	const [low, high] = [volumes[0] ?? 0, volumes.at(-1) ?? 0];
	return low === high ? `${low} vol` : `${low} to ${high} vol`;
};

const TRIAL_WORDS = { pending: 'not read yet', clean: 'clean', reacted: 'it reacted' } as const;

/** What it was, in a line. */
export function ledgerWords(thing: LedgerThing): string {
	if (thing.kind === 'lightening') {
		const { product, volume, ratio, placement } = thing.plan;
		const { weighed } = thing;
		const strength = strengthWords(weighed?.volumes ?? [volume]);
		const mixed = `${labelIn(PRODUCT_OPTIONS, product)} ${strength} ${formatRatio(ratio)}, ${labelIn(PLACEMENT_OPTIONS, placement)}`;
		const step = thing.step === 'main' ? '' : `${STEP_NAMES[thing.step]}: `;
		return `${step}${mixed}${thing.areas ? `, ${areaWords(thing.areas)}` : ''}${weighed ? `, ${Math.round(weighed.grams)} g weighed` : ''}`;
	}
	if (thing.kind === 'toner') {
		const place = thing.as
			? `${AS_WORDS[thing.as]}: `
			: thing.place === undefined
				? ''
				: `${PLACE_NAMES[thing.place]}: `;
		return `${place}${formulaWords(thing.parts)}, ${formatRatio(thing.ratio)}${thing.line ? `, ${thing.line}` : ''}`;
	}
	if (thing.kind === 'bench') {
		const rated = thing.rating === undefined ? '' : `, rated ${thing.rating}`;
		return `${formulaWords(thing.parts)}, ${formatRatio(thing.ratio)}${thing.line ? `, ${thing.line}` : ''}, on ${formatLevel(thing.start.level)} ${thing.start.undertone}${rated}`;
	}
	if (thing.kind === 'trial') return `Strand tried: ${TRIAL_WORDS[thing.result]}`;
	if (thing.kind === 'visit')
		return `Visit for ${formatLevel(thing.aim.level)} ${thing.aim.direction}${thing.tone ? `, came out ${thing.tone}` : ''}`;
	const mixed = thing.parts.length > 0 ? `: ${formulaWords(thing.parts)}` : '';
	return `${FAULT_WORDS[thing.fault]}, ${ACT_WORDS[thing.act]}${mixed}`;
}

const tonesOf = (parts: readonly ChosenPart[]): string =>
	parts.flatMap(({ tone }) => (tone && parseTone(tone, 'demi') ? [toneWords(tone)] : [])).join(' ');

/** All that a row can be found by: what it was, its tones, the hair, the day and the month, who and by whom. */
export function ledgerText(
	row: LedgerThing & {
		readonly date: string;
		readonly colourist: string;
		readonly notes: string;
		readonly head: Pick<Reading, 'naturalLevel' | 'texture' | 'warmth'>;
	},
	client: string
): string {
	const { naturalLevel, texture, warmth } = row.head;
	return [
		client,
		ledgerWords(row),
		'parts' in row ? tonesOf(row.parts) : '',
		`level ${naturalLevel} ${texture} ${warmth}`,
		row.date,
		formatDate(row.date),
		formatMonth(row.date),
		row.colourist,
		row.notes
	].join(' ');
}

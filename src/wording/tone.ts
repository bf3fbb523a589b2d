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

const WORDS: Readonly<Record<string, string>> = {
	N: 'natural',
	V: 'violet',
	B: 'blue',
	M: 'green (matte)',
	R: 'red',
	C: 'copper',
	G: 'gold',
	A: 'ash',
	P: 'pearl'
};

/** A tone of the model in words: BV is blue with violet, VV strong violet. */
export function toneWords(tone: string): string {
	const [first, second] = [...tone];
	const one = WORDS[first ?? ''] ?? tone;
	if (second === undefined) return one;
	return first === second ? `strong ${one}` : `${one} with ${WORDS[second] ?? second}`;
}

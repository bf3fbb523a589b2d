import { newId } from '../../store/documents';
import type { ShelfLine } from '../../schema/records';

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

/** Adds a shade to a line, in place; one of the same code is replaced. */
export function addShade(
	line: ShelfLine,
	code: string,
	level: number,
	tone: string,
	form: 'based' | 'pure' | 'concentrate' = 'based'
): void {
	line.shades = line.shades.filter((shade) => shade.code !== code);
	line.shades.push({ id: newId(), code, level, tone, ...(form === 'based' ? {} : { form }) });
}

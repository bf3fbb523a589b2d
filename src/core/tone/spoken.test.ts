import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readSpoken, type CodedShade } from './spoken';

const shade = (code: string, level: number, tone: string, form?: 'concentrate'): CodedShade => ({
	code,
	level,
	tone,
	...(form ? { form } : {})
});
/** Two made-up lines: one writes letters, one digits. */
const letters = {
	key: { N: 'N', V: 'V', A: 'A', G: 'G', BV: 'BV', NB: 'NB', NA: 'NA' },
	shades: [
		shade('9V', 9, 'V'),
		shade('6NB', 6, 'NB'),
		shade('5NA', 5, 'NA'),
		shade('10BV', 10, 'BV'),
		shade('7.5A', 7.5, 'A'),
		shade('0V', 7, 'V', 'concentrate')
	]
};
const digits = {
	key: { '0': 'N', '1': 'M', '5': 'R', '9': 'G', '2': 'V' },
	shades: [
		shade('10.51', 10, 'RM'),
		shade('10.19', 10, 'MG'),
		shade('8.1', 8, 'M'),
		shade('9/2', 9, 'V'),
		shade('0.2', 7, 'V', 'concentrate')
	]
};
type Line = typeof letters;

/** What was understood, in one line: `9V 20 + clear 10`. */
function understood(said: string, line: Line, total = 30, step = 1): string {
	const read = readSpoken(said, line, total, step);
	if (!read.ok) return `${read.problem}: ${read.part}`;
	const parts = read.parts.map(({ shade: one, grams }) => `${one?.code ?? 'clear'} ${grams}`);
	const how = [
		read.ratio && `1:${read.ratio}`,
		read.developerVolume && `${read.developerVolume} vol`,
		read.minutes && `${read.minutes} min`
	].filter(Boolean);
	return [parts.join(' + '), ...how].join(', ');
}

describe('a formula as it is said', () => {
	it.each([
		['6NB 10 + 5NA 10', letters, '6NB 10 + 5NA 10'],
		['6nb 10g+5na 10g', letters, '6NB 10 + 5NA 10'],
		['10 g 6NB and 10 g of 5NA', letters, '6NB 10 + 5NA 10'],
		['6NB 10, 5NA 10', letters, '6NB 10 + 5NA 10'],
		['6 NB 10; 5-NA 10 grams', letters, '6NB 10 + 5NA 10'],
		['9V', letters, '9V 30'],
		['9V 20 with clear 10', letters, '9V 20 + clear 10'],
		['20 of 9V and clear', letters, '9V 20 + clear 10'],
		['1 part 9V, 2 parts clear', letters, '9V 10 + clear 20'],
		['9V 12.5 g + clear 7,5 g', letters, '9V 13 + clear 8'],
		['10BV 20, 6 vol, 1:2, 15 min', letters, '10BV 20, 1:2, 6 vol, 15 min'],
		['10BV 20 with 10 volume for 20 minutes', letters, '10BV 20, 10 vol, 20 min'],
		['7½A 15', letters, '7.5A 15'],
		['A7.5 15', letters, '7.5A 15'],
		['0V 3 g plus 9V', letters, '0V 3 + 9V 27'],
		['equal parts 10.51 and 10.19, 6 vol', digits, '10.51 15 + 10.19 15, 6 vol'],
		['equal parts of 10/51 & 10-19', digits, '10.51 15 + 10.19 15'],
		['8,1 20 + 9.2 10', digits, '8.1 20 + 9/2 10'],
		['8 1 20', digits, '8.1 20'],
		['0.2 2g, 8.1, 40 g in all', digits, '0.2 2 + 8.1 38']
	] as const)('%s', (said, line, wanted) => {
		expect(understood(said, line as Line)).toBe(wanted);
	});

	it.each([
		['', letters, 'empty: '],
		['   ', letters, 'empty: '],
		['+', letters, 'empty: +'],
		['6 vol', letters, 'empty: 6 vol'],
		['15 min', letters, 'empty: 15 min'],
		['9X 20', letters, 'code: 9X 20'],
		['something violet', letters, 'code: something violet'],
		['9V 20 + 9X 10', letters, 'code: 9X 10'],
		['8V 20', letters, 'notHere: 8V 20'],
		['4N', letters, 'notHere: 4N'],
		['13V 10', letters, 'code: 13V 10'],
		['9V 20 + 9V 10', letters, 'twice: 9V 10'],
		['clear 10 and clear 5', letters, 'twice: clear 5'],
		['9V 0', letters, 'grams: 9V 0'],
		['9V 9000', letters, 'grams: 9V 9000'],
		['9V 40 + clear', letters, 'grams: clear'],
		['NB 10', letters, 'notHere: NB 10'],
		['10.77 20', digits, 'code: 10.77 20'],
		['10.52 20', digits, 'notHere: 10.52 20'],
		['twenty of 8.1', digits, 'code: twenty of 8.1'],
		['8.1 ten', digits, 'code: 8.1 ten']
	] as const)('“%s” says what it did not understand', (said, line, wanted) => {
		expect(understood(said, line as Line)).toBe(wanted);
	});

	it('weighs in steps of the scale', () => {
		expect(understood('9V 12.5 g + clear 7,5 g', letters, 30, 0.5)).toBe('9V 12.5 + clear 7.5');
		expect(understood('equal parts 9V, 6NB, 5NA', letters, 20, 0.1)).toBe(
			'9V 6.7 + 6NB 6.7 + 5NA 6.7'
		);
	});

	it('whatever is written as formulas are shown comes back as it was', () => {
		const part = fc.record({
			shade: fc.constantFrom(...letters.shades),
			grams: fc.integer({ min: 1, max: 200 })
		});
		fc.assert(
			fc.property(
				fc.uniqueArray(part, { selector: ({ shade: { code } }) => code, minLength: 1 }),
				(parts) => {
					const said = parts.map(({ shade: { code }, grams }) => `${code} ${grams} g`).join(' + ');
					const read = readSpoken(said, letters, 30);
					expect(
						read.ok &&
							read.parts.map(({ shade: one, grams }) => `${one?.code} ${grams} g`).join(' + ')
					).toBe(said);
				}
			)
		);
	});
	it('never throws, whatever is written', () => {
		fc.assert(
			fc.property(fc.string(), (said) => {
				expect(typeof readSpoken(said, letters, 30).ok).toBe('boolean');
			})
		);
	});
});

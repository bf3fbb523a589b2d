import { type CodeKey } from './code';
import { describe, expect, it } from 'vitest';
import { readCode } from '.';

/** Two made-up lines in which the same sign means different hues. */
const letters: CodeKey = { N: 'N', V: 'V', P: 'P', A: 'A', G: 'G', BV: 'BV' };
const digits: CodeKey = { '0': 'N', '1': 'M', '2': 'V', '3': 'G', '8': 'B', '82': 'BV' };

describe('shade codes', () => {
	it.each([
		['9V', letters, 9, 'V'],
		['9 v', letters, 9, 'V'],
		['10-A', letters, 10, 'A'],
		['7NA', letters, 7, 'NA'],
		['8VV', letters, 8, 'VV'],
		['6BV', letters, 6, 'BV'],
		['N6', letters, 6, 'N'],
		['V 10', letters, 10, 'V'],
		['8½N', letters, 8.5, 'N'],
		['7.5A', letters, 7.5, 'A'],
		['N7½', letters, 7.5, 'N'],
		['8', letters, 8, 'N'],
		['8.5', letters, 8.5, 'N'],
		['8.1', digits, 8, 'M'],
		['8/1', digits, 8, 'M'],
		['8-1', digits, 8, 'M'],
		['8 1', digits, 8, 'M'],
		['8,1', digits, 8, 'M'],
		['6.82', digits, 6, 'BV'],
		['6.28', digits, 6, 'VB'],
		['5.11', digits, 5, 'MM'],
		['7.03', digits, 7, 'NG'],
		['9.0', digits, 9, 'N'],
		['12.2', digits, 12, 'V']
	] as const)('%s is read', (code, key, level, tone) => {
		expect(readCode(code, key)).toEqual({ ok: true, level, tone, form: 'based' });
	});

	it('the same sign is another hue in another line', () => {
		const other: CodeKey = { '1': 'B' };
		expect(readCode('8.1', digits)).toMatchObject({ tone: 'M' });
		expect(readCode('8.1', other)).toMatchObject({ tone: 'B' });
	});

	it('a 5 after the dot is a tone where the key has one, else half a level', () => {
		expect(readCode('8.5', { ...digits, '5': 'R' })).toMatchObject({ level: 8, tone: 'R' });
		expect(readCode('8.5', digits)).toMatchObject({ level: 8.5, tone: 'N' });
		expect(readCode('8.53', { ...digits, '5': 'R' })).toMatchObject({ level: 8, tone: 'RG' });
	});

	it('level zero is a concentrate', () => {
		expect(readCode('0.2', digits)).toEqual({ ok: true, level: 7, tone: 'V', form: 'concentrate' });
		expect(readCode('0A', letters)).toMatchObject({ form: 'concentrate', tone: 'A' });
	});

	it.each([
		['8X', letters, 'tone', 'X'],
		['8VX', letters, 'tone', 'X'],
		['8.9', digits, 'tone', '9'],
		['8.123', digits, 'tone', '3'],
		['13V', letters, 'level', '13'],
		['V', letters, 'noLevel', 'V'],
		['', letters, 'noLevel', ''],
		['8..1', digits, 'noLevel', '8..1']
	] as const)('%s says which part it could not read', (code, key, problem, part) => {
		const read = readCode(code, key);
		expect(read).toMatchObject({ ok: false, problem, part });
		expect(read).toMatchObject({ ok: false, code: expect.any(String) as string });
	});
});

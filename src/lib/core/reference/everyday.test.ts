import { readFileSync, writeFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { calibrationTable, EVERYDAY } from './everyday';

describe('everyday outcomes', () => {
	it.each(EVERYDAY)('$start: $how: $expected', ({ compute }) => {
		const { figure, holds } = compute();
		expect(holds, figure).toBe(true);
	});
});

const DOC = 'docs/model.md';
const BEGIN = '<!-- calibration: written by UPDATE_DOCS=1 npx vitest run everyday -->';
const END = '<!-- end of calibration -->';
/** Cells without the padding that a formatter adds. */
const plain = (table: string) =>
	table
		.split('\n')
		.map((line) => line.replace(/\s*\|\s*/g, '|').replace(/-+/g, '-'))
		.filter(Boolean)
		.join('\n');

it('docs/model.md shows the figures that the model gives today', () => {
	const text = readFileSync(DOC, 'utf8');
	const [before, rest] = text.split(BEGIN) as [string, string];
	const [shown, after] = rest.split(END) as [string, string];
	if (process.env.UPDATE_DOCS) {
		writeFileSync(DOC, `${before}${BEGIN}\n\n${calibrationTable()}\n\n${END}${after}`);
		return;
	}
	expect(plain(shown)).toBe(plain(calibrationTable()));
});

import { CAUTION_RULES } from '../core/caution/rules';
import { describe, expect, it } from 'vitest';
import { type CautionCode } from '../core/caution';
import { CAUTION_CASES } from '../testing/cautionCases';
import { docTable } from '../testing/docTable';
import { quietFacts } from '../testing/quietFacts';
import { cautionTitle, cautionWords } from './cautions';

const said = (code: CautionCode) =>
	cautionWords({ code, facts: { ...quietFacts, ...CAUTION_CASES[code].yes } });

describe('a caution', () => {
	it.each(CAUTION_RULES)('$code says why and what to do in plain words', ({ code }) => {
		const { title, why, todo } = said(code);
		expect([title, why, todo].every((text) => text.length > 6 && !text.includes('!'))).toBe(true);
		expect([title, why, todo].join()).not.toMatch(/NaN|undefined/);
	});
	it('names the figures of this head', () => {
		expect(said('overCeiling').why).toContain('35 vol; 30 is the most');
		expect(said('overTime').why).toContain('51 min planned; the limit is 50 min');
	});
	it('keeps its name in a record, and a record keeps a name that is no longer given', () => {
		expect(cautionTitle('henna')).toBe('Henna, no clean strand test.');
		expect(cautionTitle('ofOldTimes')).toBe('ofOldTimes');
	});
});

describe('docs/cautions.md', () => {
	it('lists every rule as the code has it', () => {
		const rows = CAUTION_RULES.map(({ code, severity, station }) => {
			const { title, why, todo } = said(code);
			return `| \`${code}\` | ${severity} | ${station} | ${title} | ${why} | ${todo} |`;
		});
		const table = [
			'| code | severity | where | when | why, on an example head | what to do |',
			'| --- | --- | --- | --- | --- | --- |',
			...rows
		].join('\n');
		const { shown, computed } = docTable('docs/cautions.md', 'caution', table);
		expect(shown).toBe(computed);
	});
});

import { describe, expect, it } from 'vitest';
import { DIRECTIONS } from '../../src/core/vocabulary';
import { docTable } from '../../src/testing/docTable';
import { firstChoice, firstChoiceTable, LIFTED } from './firstChoice';

describe('the first toner that is found is one that an experienced colourist would reach for', () => {
	describe.each(LIFTED)('raw hair at %d', (lifted) => {
		it.each(DIRECTIONS)('to be %s', (direction) => {
			const { expert, lead, undertone, formula } = firstChoice(lifted, direction);
			expect(expert, `${undertone}: ${lead}, ΔE ${formula.deltaE.toFixed(1)}`).toBe(true);
		});
	});
	it('every undertone stands in the table', () => {
		const shown = new Set(LIFTED.map((lifted) => firstChoice(lifted, 'neutral').undertone));
		expect([...shown]).toEqual([
			'red',
			'red-orange',
			'orange',
			'yellow-orange',
			'yellow',
			'pale yellow'
		]);
	});
});

it('docs/model.md shows the first formulas that are found today', () => {
	const { shown, computed } = docTable('docs/model.md', 'firstChoice', firstChoiceTable());
	expect(shown).toBe(computed);
});

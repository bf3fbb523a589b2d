import { describe, expect, it } from 'vitest';
import { docTable } from '../../src/testing/docTable';
import { calibrationTable, EVERYDAY } from './everyday';

describe('everyday outcomes', () => {
	it.each(EVERYDAY)('$start: $how: $expected', ({ compute }) => {
		const { figure, holds } = compute();
		expect(holds, figure).toBe(true);
	});
});

it('docs/model.md shows the figures that the model gives today', () => {
	const { shown, computed } = docTable('docs/model.md', 'everyday', calibrationTable());
	expect(shown).toBe(computed);
});

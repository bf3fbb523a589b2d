import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { collate, sortedRows } from './table';

const cell = fc.option(
	fc.oneof(fc.integer({ min: 0, max: 12 }), fc.constantFrom('a', 'B', 'é', '10', '9')),
	{
		nil: undefined
	}
);

describe('rows of a table', () => {
	it('stand in the order of their column either way, what is missing last, alike ones as they were', () => {
		fc.assert(
			fc.property(fc.array(cell), fc.boolean(), (values, desc) => {
				const rows = values.map((value, i) => ({ value, i }));
				const sorted = sortedRows(rows, ({ value }) => value, desc);
				const plain = rows.toSorted((p, q) => {
					if (p.value === undefined || q.value === undefined) return collate(p.value, q.value);
					return (desc ? -1 : 1) * collate(p.value, q.value);
				});
				expect(sorted).toEqual(plain);
			})
		);
	});
});

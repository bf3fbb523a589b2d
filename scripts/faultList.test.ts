import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { RULES } from './faultList.mjs';

describe('the faults that are planted on purpose', () => {
	it.each(RULES)('stands once in $file: $from', ({ file, from, to }) => {
		expect(readFileSync(file, 'utf8').split(from)).toHaveLength(2);
		expect(to).not.toBe(from);
	});
});

import { describe, expect, it } from 'vitest';
import { deltaE, seenWithout } from '../colour';
import { alikeFor } from './alike';

describe('eyes without one kind of cones', () => {
	it('see greys as they are, and confuse what others do not', () => {
		for (const eye of ['protan', 'deutan', 'tritan'] as const) {
			expect(deltaE(seenWithout({ l: 60, a: 0, b: 0 }, eye), { l: 60, a: 0, b: 0 })).toBeLessThan(
				0.5
			);
			const pairs = alikeFor(eye);
			expect(pairs.length).toBeGreaterThan(0);
			for (const { usual, seen, labs } of pairs) {
				expect(usual).toBeGreaterThan(seen);
				expect(deltaE(...labs)).toBe(usual);
			}
		}
		const names = (eye: 'deutan' | 'tritan') =>
			alikeFor(eye).map(({ one, other }) => `${one} ${other}`);
		expect(names('deutan')).toContain('red-orange yellow');
		expect(names('tritan')).not.toContain('red-orange yellow');
	});
});

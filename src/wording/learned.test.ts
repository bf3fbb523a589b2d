import { expect, it } from 'vitest';
import { UNKNOWN_CLIENT } from '../core/learn';
import { personalWords } from './learned';

it('what was learned of a head is said in words, with its ±', () => {
	expect(personalWords({ mean: -0.2, sd: 0.11 }, 3)).toBe(
		'lifts 18 % slower than typical, from 3 visits (± 11 %)'
	);
	expect(personalWords(UNKNOWN_CLIENT, 0)).toContain('nothing learned yet');
	expect(personalWords({ mean: 0.2, sd: 0.1 }, 1)).toContain('faster than typical, from 1 visit ');
	expect(personalWords({ mean: 0.01, sd: 0.1 }, 2)).toContain('as is typical');
});

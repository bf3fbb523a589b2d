import { expect, test } from 'vitest';
import { unbroken } from './words';

test('a figure stays on the line of its unit, and a ratio in one', () => {
	expect(unbroken('8V 16 g + clear 10 g, 1 : 1.5, 20 vol, 38 min')).toBe(
		'8V 16\u00a0g + clear 10\u00a0g, 1\u00a0:\u00a01.5, 20\u00a0vol, 38\u00a0min'
	);
	// A code before a word, or a colon of a sentence, may part.
	expect(unbroken('nape 2 gold: 10 pale yellow')).toBe('nape 2 gold: 10 pale yellow');
});

import { describe, expect, it } from 'vitest';
import { toneReasonWords, toneWords } from './tone';

describe('why a formula is proposed', () => {
	it('names what it leaves, most first, and what it does to the warmth', () => {
		const shares = [
			{ dye: 'violet', percent: 72 },
			{ dye: 'blue', percent: 28 }
		] as const;
		expect(toneReasonWords({ kind: 'dyes', shares, warmthTaken: 41 }, 'yellow')).toBe(
			'Violet 72\u00a0%, blue 28\u00a0% against the yellow: takes 41\u00a0% of the warmth.'
		);
		expect(toneReasonWords({ kind: 'dyes', shares: [], warmthTaken: -6 }, 'none')).toBe(
			'Natural base: deepens and adds 6\u00a0% to the warmth.'
		);
	});
	it('says so where none is needed', () => {
		expect(toneReasonWords({ kind: 'alreadyThere' }, 'none')).toContain('no toner needed');
	});
});

it('a tone is said in words', () => {
	expect(['V', 'VV', 'BV', 'N'].map(toneWords)).toEqual([
		'violet',
		'strong violet',
		'blue with violet',
		'natural'
	]);
});

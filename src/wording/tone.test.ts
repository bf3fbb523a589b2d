import { describe, expect, it } from 'vitest';
import { needWords, pastWords, regrowthWords, toneReasonWords, toneWords } from './tone';

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

it('a mark says what a toner goes to past its time', () => {
	expect(pastWords({ minute: 25, warnings: [{ code: 'violetCast' }] })).toBe('25 min: violet');
	expect(pastWords({ minute: 31, warnings: [{ code: 'tooDark', levels: 1.4 }] })).toBe(
		'31 min: too deep'
	);
});

it('grams and weeks are said in a sentence', () => {
	const needs = [
		{ of: 'root', grams: 9 },
		{ of: 'lengths', grams: 17 }
	];
	expect(needWords(needs)).toBe('By length and density about 26 g: root 9, lengths 17.');
	expect(needWords(needs.slice(1))).toBe('By length and density about 17 g.');
	expect(regrowthWords(18, 6)).toBe('Regrowth shows from week 18; without it from week 6.');
	expect(regrowthWords(undefined, 7)).toContain('hardly at all in a year');
});

import { CAUTION_RULES } from './rules';
import { describe, expect, it } from 'vitest';
import { CAUTION_CASES as CASES } from '../../testing/cautionCases';
import { quietFacts as quiet } from '../../testing/quietFacts';
import { sparesDye, type Product } from '../lift';
import { factsOf, PLACEMENT_NAMES } from '../vocabulary';
import { PRODUCTS } from '../vocabulary/products';
import {
	checkCautions,
	patchStanding,
	strandStanding,
	USUAL_CEILINGS,
	volumeCeiling,
	type Facts
} from '.';

const codes = (facts: Partial<Facts>) =>
	checkCautions({ ...quiet, ...facts }).map(({ code }) => code);

describe('cautions', () => {
	it('are silent for a head without anything to be careful of', () => {
		expect(checkCautions(quiet)).toEqual([]);
	});

	it('each have a case here', () => {
		expect(Object.keys(CASES).sort()).toEqual(CAUTION_RULES.map(({ code }) => code).sort());
	});

	it.each(Object.entries(CASES))('%s speaks when it should and only then', (code, { yes, no }) => {
		expect(codes(yes)).toContain(code);
		expect(codes(no)).not.toContain(code);
	});

	it('come with the most serious first', () => {
		const found = checkCautions({ ...quiet, metallicSalts: true, minerals: 'iron', retouchCm: 3 });
		expect(found.map(({ severity }) => severity)).toEqual(['stop', 'ask', 'note']);
	});
	it('look at every application of the day, and tell each caution once', () => {
		const found = checkCautions(quiet, { ...quiet, volume: 35 }, { ...quiet, volume: 38 });
		expect(found.map(({ code }) => code)).toEqual(['overCeiling']);
		expect(found[0]!.facts.volume).toBe(35);
		const ceilings = { ...USUAL_CEILINGS, offScalp: 35 };
		expect(checkCautions({ ...quiet, volume: 35, ceilings })).toEqual([]);
	});
});

describe('what dissolves pigment', () => {
	const DISSOLVES = (Object.keys(PRODUCTS) as Product[]).filter((product) => !sparesDye(product));
	/** What only says how strong a maker lets a product be off the scalp. */
	const OWN = ['overCeiling', 'fortyVolume'];
	const CALLS = Object.entries(CASES).filter(([code]) => !OWN.includes(code));

	it('holds persulfates, whatever it is called; a tint does not', () => {
		for (const product of Object.keys(PRODUCTS) as Product[])
			expect(factsOf(product).persulfate, product).toBe(DISSOLVES.includes(product));
		expect(DISSOLVES).toContain('bleachWash');
	});
	it.each(DISSOLVES)('as %s calls every caution of lightener, and no other', (product) => {
		for (const [, { yes }] of CALLS) {
			const as = (one: Product) => codes({ ...yes, product: yes.product ?? one });
			expect(as(product)).toEqual(as('powder'));
		}
	});
	it.each(DISSOLVES)('as %s is at most 20 vol on the scalp', (product) => {
		for (const placement of PLACEMENT_NAMES)
			expect(volumeCeiling(product, placement, USUAL_CEILINGS, true)).toBe(20);
		expect(codes({ product, volume: 40, onScalp: true, placement: 'foil' })).toContain(
			'onScalpStrength'
		);
	});
	it('is diluted in a bleach wash off the scalp, and nowhere stronger than a salon lets it be', () => {
		expect(codes({ product: 'bleachWash', volume: 40 })).toEqual([]);
		const ceilings = { ...USUAL_CEILINGS, bleachWash: 10 };
		expect(volumeCeiling('bleachWash', 'onScalp', ceilings)).toBe(10);
		expect(codes({ product: 'bleachWash', volume: 15, onScalp: true, ceilings })).toContain(
			'onScalpStrength'
		);
	});
});

describe('a patch test', () => {
	const NOW = '2026-03-02';
	const set = (date: string, reacted = false) => ({ date, reacted });
	it('waits two days, holds half a year, and is due then', () => {
		expect(patchStanding([], NOW)).toEqual({ standing: 'none' });
		expect(patchStanding([set('2026-03-01')], NOW)).toMatchObject({
			standing: 'waiting',
			readableOn: '2026-03-03'
		});
		expect(patchStanding([set('2026-02-28')], NOW)).toMatchObject({
			standing: 'valid',
			validUntil: '2026-08-29'
		});
		expect(patchStanding([set('2025-08-01')], NOW)).toMatchObject({ standing: 'due' });
	});
	it('is judged by the latest, and a reaction is never forgotten', () => {
		expect(patchStanding([set('2026-02-20'), set('2024-02-20')], NOW).standing).toBe('valid');
		expect(patchStanding([set('2026-02-20'), set('2024-02-20', true)], NOW).standing).toBe(
			'reacted'
		);
	});
});

describe('a strand test', () => {
	const NOW = '2026-03-02';
	const clean = (date: string) => ({ date, result: 'clean' as const });
	it('holds for the hair as it was when it was tried', () => {
		expect(strandStanding([], [], NOW).standing).toBe('none');
		expect(strandStanding([clean('2026-02-01')], ['2026-01-01'], NOW).standing).toBe('clean');
		expect(strandStanding([clean('2026-02-01')], ['2026-02-20', '2026-02-10'], NOW)).toEqual({
			standing: 'outdated',
			by: '2026-02-10'
		});
		expect(strandStanding([clean('2025-07-01')], [], NOW).standing).toBe('due');
	});
	it('keeps its word when it failed, whatever came after', () => {
		const reacted = [{ date: '2024-02-01', result: 'reacted' as const }];
		expect(strandStanding(reacted, ['2025-01-01'], NOW).standing).toBe('reacted');
		const pending = [...reacted, { date: '2026-03-01', result: 'pending' as const }];
		expect(strandStanding(pending, [], NOW).standing).toBe('pending');
	});
});

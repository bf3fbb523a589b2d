import { describe, expect, it } from 'vitest';
import type { Shelf, TonePlan } from '../../schema/records';
import { openVisit } from '../../testing/demoVisit';
import { mixedFrom } from '../visit/tone';
import { chooseLine, dropFormula, keepFormula, mixOwn } from './toner';

const { session } = await openVisit('hesper-oake');
const line = session.line!;
const tone = (): TonePlan => structuredClone(session.visit.tone);
const parts = [{ name: '9V', level: 9, tone: 'V', grams: 20 }];

describe('a formula of one’s own', () => {
	it('is the choice, mixed as it was said; what was not said stays', () => {
		const draft = { ...tone(), ratio: 1.5, minutes: 12 };
		mixOwn(draft, { parts, developerVolume: 13 }, line);
		expect(draft).toMatchObject({ choice: 'formula', parts, ratio: 1.5, minutes: 12 });
		expect(mixedFrom(line, draft).developerVolume).toBe(13);
		mixOwn(draft, { parts, ratio: 2, minutes: 15 }, line);
		expect(draft).toMatchObject({ ratio: 2, minutes: 15, developerVolume: 13 });
		// The line's own developer is no other one.
		mixOwn(draft, { parts, developerVolume: line.developerVolume }, line);
		expect(draft.developerVolume).toBeUndefined();
		expect(mixedFrom(line, draft)).toBe(line);
	});
	it('without a part it is the choice of no toner', () => {
		const draft = tone();
		mixOwn(draft, { parts: [] }, line);
		expect(draft.choice).toBe('none');
	});
	it('another line is mixed with its own developer', () => {
		const draft = tone();
		mixOwn(draft, { parts, developerVolume: 13 }, line);
		chooseLine(
			draft,
			session.lines.find(({ id }) => id !== line.id)!
		);
		expect(draft.developerVolume).toBeUndefined();
	});
	it('is kept by its name, and one of that name gives way', () => {
		const shelf: Shelf = structuredClone(session.shelf!);
		const formula = { id: 'a', name: 'Oat', lineId: line.id, parts, ratio: 2, minutes: 20 };
		keepFormula(shelf, formula);
		keepFormula(shelf, { ...formula, id: 'b', minutes: 15 });
		keepFormula(shelf, { ...formula, id: 'c', name: 'Ash' });
		expect(shelf.formulas!.map(({ id, name }) => `${name} ${id}`)).toEqual(['Ash c', 'Oat b']);
		dropFormula(shelf, 'b');
		expect(shelf.formulas).toHaveLength(1);
	});
});

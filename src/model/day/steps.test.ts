import { describe, expect, it } from 'vitest';
import { plainReading } from '../head/plain';
import { newVisit } from '../commands/newVisit';
import { takeTechnique } from '../commands/technique';
import { momentIn } from '../time';
import type { LiftPlan, Reading } from '../../schema/records';
import { eventsOf, middleOf, touchesScalp, volumeOn } from './steps';
import { zonesOf } from '../head/hair';
import { applicationOn } from '../visit/lift';

const visit = newVisit('c', momentIn(new Date('2026-01-05T10:00:00Z'), 'Etc/UTC'));
const plan = (change: Partial<LiftPlan> = {}): LiftPlan => ({ ...visit.lift, ...change });
const zones = (change: Partial<Reading> = {}) => zonesOf({ ...plainReading(), ...change });

describe('where product begins', () => {
	it('is off the scalp from five millimetres on, whatever the place is called', () => {
		for (const placement of ['foil', 'cap', 'film', 'openAir'] as const) {
			expect(touchesScalp(plan({ placement, startsAtMm: 4 }), zones())).toBe(true);
			expect(touchesScalp(plan({ placement, startsAtMm: 5 }), zones())).toBe(false);
		}
		expect(touchesScalp(plan({ placement: 'onScalp', startsAtMm: 12 }), zones())).toBe(true);
	});
	it('counts from the hair that is covered: kept off a root, it lies off the scalp', () => {
		const covers = { root: false, lengths: true, ends: true };
		expect(touchesScalp(plan({ startsAtMm: 0, covers }), zones())).toBe(false);
		// Regrowth of four millimetres that is kept out leaves the lengths on the scalp.
		expect(touchesScalp(plan({ startsAtMm: 0, covers }), zones({ regrowthCm: 0.4 }))).toBe(true);
		const nothing = { root: false, lengths: false, ends: false };
		expect(touchesScalp(plan({ startsAtMm: 0, covers: nothing }), zones())).toBe(false);
	});
	it('leaves the hair above it untouched, and moves the middle that the figures speak of', () => {
		const [root] = zones();
		expect(middleOf(plan({ startsAtMm: 0 }), root!)).toBeCloseTo(1.25, 9);
		expect(middleOf(plan({ startsAtMm: 15 }), root!)).toBeCloseTo(2, 9);
		const first = eventsOf(plan({ startsAtMm: 12 }), zones())[0]!;
		expect(first.fromCm).toBeCloseTo(1.2, 4);
		// A regrowth shorter than that gets nothing at all.
		const [short] = zones({ regrowthCm: 1 });
		expect(applicationOn(plan({ startsAtMm: 12 }), short!).minutes).toBe(0);
	});
});

describe('a bowl of its own', () => {
	it('goes on hair that is lightened already, and is never stronger than the lift', () => {
		const along = (volume: number, most: number) =>
			volumeOn(plan({ volume, overlap: { reason: 'dull', volume: most } }), { state: 'lightened' });
		expect(along(20, 10)).toBe(10);
		expect(along(7, 10)).toBe(7);
		expect(volumeOn(plan({ overlap: { reason: 'dull', volume: 10 } }), { state: 'natural' })).toBe(
			20
		);
	});
});

describe('a retouch by brush', () => {
	it('goes on the root alone, from the skin, and no stronger than the scalp bears', () => {
		const draft = structuredClone(visit);
		draft.lift.volume = 30;
		takeTechnique(draft, 'retouch', undefined);
		expect(draft.bowls).toMatchObject({ technique: 'retouch', order: 'crownFirst' });
		expect(draft.lift).toMatchObject({
			covers: { root: true, lengths: false, ends: false },
			placement: 'onScalp',
			startsAtMm: 3,
			volume: 20
		});
		takeTechnique(draft, 'foils', undefined);
		expect(draft.bowls).toMatchObject({ technique: 'foils', order: 'crownFirst' });
		draft.bowls.order = 'napeUp';
		takeTechnique(draft, 'retouch', undefined);
		expect(draft.bowls.order).toBe('crownFirst');
	});
});

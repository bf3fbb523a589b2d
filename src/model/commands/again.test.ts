import { describe, expect, it } from 'vitest';
import type { LiftStep, Visit } from '../../schema/records';
import { openVisit } from '../../testing/demoVisit';
import { addAgain } from './again';
import { takesAgain } from '../visit/onceMore';
import { toggleClock } from './clocks';

const { session } = await openVisit('hesper-oake');
const stepOf = (id: string, change: Partial<LiftStep> = {}): LiftStep => ({
	...session.visit.lift,
	id,
	kind: 'again',
	covers: { root: false, lengths: true, ends: false },
	minutes: 15,
	volume: 20,
	areas: ['nape'],
	...change
});
const day = (): Pick<Visit, 'after' | 'run'> => ({
	after: [],
	run: { elapsedSeconds: 0, notes: [] }
});

describe('once more on what lags', () => {
	it('what lags at two places goes in one application: as long as one needs, no stronger than either', () => {
		const draft = day();
		addAgain(draft, stepOf('a'));
		const covers = { root: true, lengths: false, ends: false };
		addAgain(draft, stepOf('b', { areas: ['crown'], minutes: 22, volume: 15, covers }));
		expect(draft.after).toHaveLength(1);
		expect(draft.after[0]).toMatchObject({
			id: 'a',
			areas: ['nape', 'crown'],
			minutes: 22,
			volume: 15,
			covers: { root: true, lengths: true, ends: false }
		});
		addAgain(draft, stepOf('c', { areas: undefined }));
		expect(draft.after[0]!.areas).toBeUndefined();
	});
	it('one that has begun is left as it is', () => {
		const draft = day();
		addAgain(draft, stepOf('a'));
		toggleClock(draft.run, 'a', new Date(), 0);
		addAgain(draft, stepOf('b'));
		expect(draft.after.map(({ id }) => id)).toEqual(['a', 'b']);
	});
	it('a day takes three after the main one', () => {
		const draft = day();
		for (const id of ['a', 'b', 'c']) {
			expect(takesAgain(draft)).toBe(true);
			draft.after.push(stepOf(id, { kind: 'other' }));
		}
		expect(takesAgain(draft)).toBe(false);
	});
});

import { describe, expect, it } from 'vitest';
import { openVisit } from '../../testing/demoVisit';
import type { LiftStep, Visit } from '../../schema/records';
import { stopClock, toggleClock } from '../commands/clocks';
import { liftDone, minutesBy, toneDone, visitDone } from './done';

const { session } = await openVisit('hesper-oake');
const again: LiftStep = { ...session.visit.lift, id: 'again', kind: 'again', minutes: 20 };
const filler = { parts: [{ name: 'clear', grams: 20 }], minutes: 10 };
const AT = new Date('2026-03-02T10:00:00Z');

/** A day with a second application and a filler. */
function day(change: (draft: Visit) => void = () => undefined): Visit {
	const visit = structuredClone(session.visit);
	visit.after = [structuredClone(again)];
	visit.tone = { ...visit.tone, choice: 'formula', filler: structuredClone(filler) };
	change(visit);
	return visit;
}
/** Something lies for some minutes, and is off unless it lies still. */
function lay({ run }: Visit, of: string, minutes: number, off = true): void {
	toggleClock(run, of, AT, 0);
	if (off) stopClock(run, of, AT, minutes * 60);
}

describe('the day as it was done', () => {
	it('is the very plan while nothing is off', () => {
		const visit = day((draft) => lay(draft, 'again', 5, false));
		const done = liftDone(visit, visit.run);
		expect(done.lift).toBe(visit.lift);
		expect(done.after[0]).toBe(visit.after[0]);
		expect(toneDone(visit.tone, visit.run)).toEqual(visit.tone);
		expect(minutesBy(visit.run, 'again')).toBeUndefined();
	});
	it('changes nothing where everything lay as long as was planned', () => {
		const visit = day((draft) => {
			draft.run.lain = { minutes: draft.lift.minutes };
			lay(draft, 'again', 20);
			lay(draft, 'filler', 10);
			lay(draft, 'toner', draft.tone.minutes);
		});
		const { run } = visit;
		expect(visitDone(visit)).toEqual({ ...day(), run });
	});
	it('each application and each toner lay as long as its clock says, in whole minutes', () => {
		const visit = day((draft) => {
			draft.run.lain = { minutes: 62 };
			lay(draft, 'again', 27.4);
			lay(draft, 'filler', 12);
			lay(draft, 'toner', 23);
		});
		const done = visitDone(visit);
		expect(done.lift.minutes).toBe(62);
		expect(done.after[0]!.minutes).toBe(27);
		expect(done.tone.filler!.minutes).toBe(12);
		expect(done.tone.minutes).toBe(23);
		expect(done.lift.delays).toEqual(visit.lift.delays);
	});
	it('so does what goes before the main application', () => {
		const visit = day((draft) => {
			draft.before = [{ ...structuredClone(again), id: 'out', kind: 'removal' }];
			lay(draft, 'out', 14);
		});
		expect(liftDone(visit, visit.run).before[0]!.minutes).toBe(14);
		expect(liftDone(visit, visit.run).after[0]!.minutes).toBe(20);
	});
	it('a root that was worked apart was begun so much later', () => {
		const visit = day((draft) => (draft.run.lain = { minutes: 62, root: 40 }));
		expect(liftDone(visit, visit.run).lift.delays.root).toBe(22);
		const sooner = day((draft) => (draft.run.lain = { minutes: 40, root: 62 }));
		expect(liftDone(sooner, sooner.run).lift.delays.root).toBe(0);
	});
	it('it lay with the strength of most of it, once that is known', () => {
		const done = (lain: Visit['run']['lain']) =>
			liftDone(session.visit, { ...session.visit.run, lain }).lift;
		expect(done({ minutes: 40, volume: 12 })).toMatchObject({ minutes: 40, volume: 12 });
		expect(done({ minutes: 40 }).volume).toBe(session.visit.lift.volume);
	});
	it('a toner that nobody chose stays open, as it is planned', () => {
		const visit = day((draft) => {
			draft.tone.choice = 'open';
			lay(draft, 'toner', 23);
		});
		expect(toneDone(visit.tone, visit.run).minutes).toBe(visit.tone.minutes);
	});
});

import { describe, expect, it } from 'vitest';
import { openVisit } from '../../testing/demoVisit';
import type { LiftStep, PlacedToner, Visit } from '../../schema/records';
import { beganEarlier, rinse } from '../commands/run';
import { leaveActOut, setMinutes, setRootDelay, wasPutOn } from '../commands/acts';
import { stopClock, toggleClock } from '../commands/clocks';
import { nextReading } from '../visit/nextReading';
import { rowsOf } from '../ledger/rows';
import { dayWork } from '../visit/work';
import { actsOf, neverBegun, type DayAct } from './acts';
import { visitDone } from './done';
import { dayProcesses, zoneToner } from './processes';
import { daySteps } from './steps';

const { session, workspace } = await openVisit('hesper-oake');
const AT = new Date('2026-03-02T10:00:00Z');
const LOWLIGHT_MINUTES = 25;
const round: LiftStep = { ...session.visit.lift, id: 'round', kind: 'again', minutes: 20 };
const removal: LiftStep = { ...round, id: 'out', kind: 'removal', minutes: 10 };
const shadow: PlacedToner = {
	...{ vehicle: 'demi', ratio: 1.5, minutes: 15, totalGrams: 20, choice: 'formula', parts: [] },
	id: 'shadow',
	place: 'root',
	cm: 3,
	aim: { level: 6, direction: 'neutral', keepWarmth: 0.3 }
};

/** A day on which everything is put on that there is. */
function full(): Visit {
	const visit = structuredClone(session.visit);
	visit.before = [structuredClone(removal)];
	visit.after = [structuredClone(round)];
	visit.aim.lowlights = { share: 0.2, level: 6, direction: 'neutral' };
	visit.tone = {
		...visit.tone,
		choice: 'formula',
		parts: [{ name: '9V', level: 9, tone: 'V', grams: 30 }],
		filler: { parts: [{ name: 'clear', grams: 20 }], minutes: 10 },
		placed: [structuredClone(shadow)]
	};
	return visit;
}
const processesOf = (visit: Visit) =>
	dayProcesses(
		daySteps(visit),
		visit.tone,
		visit.aim.lowlights ? LOWLIGHT_MINUTES : undefined,
		() => 60,
		visit.run.clocks
	);
const acts = (visit: Visit) => actsOf(visit, processesOf(visit));
const named = (all: readonly DayAct[]) => all.map(({ kind, state }) => `${kind} ${state}`);
const start = (visit: Visit, minutes: number) => {
	visit.run.startedAt = AT.toISOString();
	rinse(visit, AT, minutes * 60, { minutes });
};

describe('the acts of a day', () => {
	it('are everything that is put on, planned until something begins', () => {
		const all = acts(full());
		expect(named(all)).toEqual([
			'main planned',
			'removal planned',
			'lowlights planned',
			'again planned',
			'filler planned',
			'toner planned',
			'toner planned'
		]);
		expect(all.at(-1)!.place).toBe('root');
		expect(all.every(({ lay }) => lay === undefined)).toBe(true);
	});
	it('run while they lie, and are done with the minutes that they lay', () => {
		const visit = full();
		visit.run.startedAt = AT.toISOString();
		toggleClock(visit.run, 'round', AT, 0);
		expect(named(acts(visit)).slice(0, 4)).toEqual([
			'main running',
			'removal planned',
			'lowlights planned',
			'again running'
		]);
		start(visit, 62);
		stopClock(visit.run, 'round', AT, 27 * 60);
		const [main, , , again] = acts(visit);
		expect(main).toMatchObject({ state: 'done', planned: visit.lift.minutes, lay: 62 });
		expect(again).toMatchObject({ state: 'done', planned: 20, lay: 27 });
	});
	it('a toner that was begun zone by zone is no act that waits', () => {
		const visit = full();
		const { of } = zoneToner('root', 10);
		toggleClock(visit.run, of, AT, 0, 10);
		const toner = acts(visit).filter(({ kind, place }) => kind === 'toner' && !place);
		expect(toner).toHaveLength(1);
		expect(toner[0]!.state).toBe('running');
		stopClock(visit.run, of, AT, 600);
		expect(acts(visit).find(({ of: own }) => own === 'toner')!.state).toBe('done');
	});
	it('nobody is asked about a day without a clock, and of one with it about all that never began', () => {
		const visit = full();
		expect(neverBegun(visit, processesOf(visit))).toEqual([]);
		start(visit, 62);
		expect(neverBegun(visit, processesOf(visit)).map(({ of }) => of)).toEqual([
			'out',
			'lowlights',
			'round',
			'filler',
			'toner',
			'placed:shadow'
		]);
	});
});

describe('an act that never came about', () => {
	const never: Readonly<Record<string, (visit: Visit) => void>> = {
		round: (visit) => (visit.after = []),
		out: (visit) => (visit.before = []),
		lowlights: (visit) => delete visit.aim.lowlights,
		filler: (visit) => delete visit.tone.filler,
		toner: (visit) => (visit.tone.choice = 'none'),
		'placed:shadow': (visit) => (visit.tone.placed = [])
	};
	const recorded = (visit: Visit): Visit => {
		start(visit, 40);
		visit.result.recordedAt = AT.toISOString();
		visit.result.expected = { toned: 8, lifted: 9 };
		return visit;
	};
	/** Everything that follows from a day. */
	const folds = (visit: Visit) => ({
		next: nextReading(visit, '2026-05-04'),
		rows: rowsOf(visit),
		work: dayWork(visit, visit, workspace.shelf),
		acts: acts(visit)
	});
	for (const [of, without] of Object.entries(never))
		it(`leaves no trace: ${of}`, () => {
			const left = recorded(full());
			leaveActOut(
				left,
				acts(left).find((act) => act.of === of)!,
				AT
			);
			expect(left.run.leftOut).toHaveLength(1);
			const plain = full();
			without(plain);
			expect(folds(left)).toEqual(folds(recorded(plain)));
			expect(folds(left)).not.toEqual(folds(recorded(full())));
		});
	it('a main application goes and what stands beside it stays', () => {
		const alone = structuredClone(session.visit);
		leaveActOut(alone, acts(alone)[0]!, AT);
		expect(alone.noLift).toBe(true);
		const visit = full();
		leaveActOut(visit, acts(visit)[0]!, AT);
		expect(acts(visit).map(({ kind }) => kind)).not.toContain('main');
		expect(acts(visit).map(({ of }) => of)).toContain('round');
		expect(daySteps(visit)).toHaveLength(3);
	});
	it('said to have been put on, it lay as long as was planned, and changes nothing', () => {
		const visit = full();
		start(visit, visit.lift.minutes);
		const before = visitDone(structuredClone(visit));
		for (const act of neverBegun(visit, processesOf(visit))) wasPutOn(visit, act, AT);
		expect(neverBegun(visit, processesOf(visit))).toEqual([]);
		const { run } = visit;
		expect(visitDone(visit)).toEqual({ ...before, run });
		expect(run.clocks!.every(({ runningSince, offAt }) => !runningSince && offAt)).toBe(true);
		expect(
			acts(visit).every(({ state, planned, lay }) => state === 'done' && lay === planned)
		).toBe(true);
	});
	it('the same of the main application', () => {
		const visit = full();
		toggleClock(visit.run, 'toner', AT, 0);
		const [main] = neverBegun(visit, processesOf(visit));
		expect(main!.kind).toBe('main');
		wasPutOn(visit, main!, AT);
		expect(acts(visit)[0]).toMatchObject({ state: 'done', lay: visit.lift.minutes });
	});
});

describe('minutes that are told', () => {
	it('are of the plan until it is off, and of what was done after that', () => {
		const visit = full();
		const planned = visit.lift.minutes;
		setMinutes(visit, 'main', planned + 1);
		setMinutes(visit, 'round', 25);
		expect([visit.lift.minutes, visit.after[0]!.minutes]).toEqual([planned + 1, 25]);
		start(visit, 62);
		visit.run.lain!.root = 40;
		toggleClock(visit.run, 'round', AT, 0);
		stopClock(visit.run, 'round', AT, 600);
		setMinutes(visit, 'main', 55);
		setMinutes(visit, 'round', 12);
		expect(visit.run.lain).toEqual({ minutes: 55, root: 33 });
		expect([visit.lift.minutes, visit.after[0]!.minutes]).toEqual([planned + 1, 25]);
		const done = visitDone(visit);
		expect([done.lift.minutes, done.after[0]!.minutes]).toEqual([55, 12]);
	});
});

describe('a service that began earlier than its clock', () => {
	it('lay so much longer where nobody tapped anything on, and as long where they did', () => {
		const visit = full();
		start(visit, 40);
		beganEarlier(visit.run, 10);
		expect(visit.run.lain).toEqual({ minutes: 50 });
		const tapped = full();
		start(tapped, 40);
		tapped.run.taps = [{ act: 'on', section: 'nape', minute: 2 }];
		beganEarlier(tapped.run, 10);
		expect(tapped.run.lain).toEqual({ minutes: 40 });
	});
});

describe('minutes of toners and of a root', () => {
	it('are of the plan, and of what lay once it is off', () => {
		const visit = full();
		setMinutes(visit, 'toner', 17);
		setMinutes(visit, 'placed:shadow', 9);
		expect([visit.tone.minutes, visit.tone.placed![0]!.minutes]).toEqual([17, 9]);
		for (const of of ['toner', 'placed:shadow']) {
			toggleClock(visit.run, of, AT, 0);
			stopClock(visit.run, of, AT, 20 * 60);
			setMinutes(visit, of, 12);
		}
		expect([visit.tone.minutes, visit.tone.placed![0]!.minutes]).toEqual([17, 9]);
		const done = visitDone(visit);
		expect([done.tone.minutes, done.tone.placed![0]!.minutes]).toEqual([12, 12]);
	});
	it('a root is later as it is planned, and as it was once that is known', () => {
		const visit = full();
		setRootDelay(visit, 'main', 8);
		setRootDelay(visit, 'round', 3);
		expect([visit.lift.delays.root, visit.after[0]!.delays.root]).toEqual([8, 3]);
		start(visit, 40);
		visit.run.lain!.root = 30;
		setRootDelay(visit, 'main', 15);
		expect(visit.run.lain).toEqual({ minutes: 40, root: 25 });
		expect(visit.lift.delays.root).toBe(8);
		expect(visitDone(visit).lift.delays.root).toBe(15);
	});
});

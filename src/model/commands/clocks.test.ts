import { describe, expect, it } from 'vitest';
import type { Visit } from '../../schema/records';
import { clockOf, isBegun, isRunning, liesBy, rinseClock, rinseStepOf } from '../day/clocks';
import {
	forgetClock,
	nextRinseStep,
	noteLooked,
	resumeClock,
	stopClock,
	toggleClock
} from './clocks';
import {
	beganEarlier,
	beginEarlier,
	countsBy,
	elapsedSeconds,
	takeJump,
	tappedEarlier
} from './run';

const at = (minutes: number): Date => new Date(Date.UTC(2026, 2, 3, 10, 0) + minutes * 60_000);
const empty = (): Visit['run'] => ({ elapsedSeconds: 0, notes: [] });
const seconds = (run: Visit['run'], of: string, minutes: number): number =>
	elapsedSeconds(clockOf(run, of)!, at(minutes));

describe('the clock of something that lies on the hair', () => {
	it('runs from when it was put on, through a hold, to when it came off', () => {
		const run = empty();
		expect(liesBy(clockOf(run, 'toner'))).toBe(false);
		toggleClock(run, 'toner', at(0), 0);
		expect(seconds(run, 'toner', 7)).toBe(420);
		toggleClock(run, 'toner', at(7), 420);
		expect(seconds(run, 'toner', 30)).toBe(420);
		toggleClock(run, 'toner', at(30), 420);
		noteLooked(run, 'toner', seconds(run, 'toner', 33));
		stopClock(run, 'toner', at(35), seconds(run, 'toner', 35));
		expect(clockOf(run, 'toner')).toMatchObject({ lookedMinute: 10, offAt: at(35).toISOString() });
		expect(seconds(run, 'toner', 90)).toBe(720);
		expect(liesBy(clockOf(run, 'toner'))).toBe(false);
	});
	it('taken off by mistake it has lain ever since; put on once more it begins anew', () => {
		const run = empty();
		toggleClock(run, 'toner', at(0), 0);
		stopClock(run, 'toner', at(5), 300);
		resumeClock(run, 'toner', at(9));
		expect(seconds(run, 'toner', 10)).toBe(600);
		stopClock(run, 'toner', at(10), 600);
		toggleClock(run, 'toner', at(20), 600);
		expect(run.clocks).toHaveLength(1);
		expect(seconds(run, 'toner', 21)).toBe(60);
		forgetClock(run, 'toner');
		expect(run.clocks).toEqual([]);
	});
	it('each counts for itself, also one that began before anybody said so', () => {
		const run = empty();
		toggleClock(run, 'a', at(0), 0);
		toggleClock(run, 'lowlights', at(10), 0);
		beginEarlier(clockOf(run, 'lowlights')!, 5);
		expect(seconds(run, 'lowlights', 12)).toBe(7 * 60);
		expect(seconds(run, 'a', 12)).toBe(12 * 60);
	});
	it('keeps a head running, whatever the main application does; washing keeps nobody', () => {
		const visit = (run: Visit['run']) => ({ run, status: 'inChair' }) as Visit;
		const run = { ...empty(), startedAt: at(0).toISOString(), rinsedAtMinute: 40 };
		expect(isRunning(visit(run))).toBe(false);
		toggleClock(run, 'toner', at(50), 0);
		expect(isRunning(visit(run))).toBe(true);
		stopClock(run, 'toner', at(70), 1200);
		nextRinseStep(run, 'water', at(70));
		expect(isRunning(visit(run))).toBe(false);
	});
	it('says that something was put on, also where it is a toner alone; washing puts nothing on', () => {
		const run = empty();
		expect(isBegun({ run })).toBe(false);
		nextRinseStep(run, 'water', at(0));
		expect(isBegun({ run })).toBe(false);
		toggleClock(run, 'toner', at(5), 0);
		stopClock(run, 'toner', at(25), 1200);
		expect(isBegun({ run })).toBe(true);
		expect(isBegun({ run: { ...empty(), startedAt: at(0).toISOString() } })).toBe(true);
	});
});

describe('at the basin', () => {
	it('one step follows the other, of the last part alone', () => {
		const run = empty();
		expect(rinseClock(run)).toBeUndefined();
		nextRinseStep(run, 'water', at(0));
		nextRinseStep(run, 'shampoo', at(5));
		expect(run.clocks).toHaveLength(1);
		expect(rinseStepOf(rinseClock(run)!)).toBe('shampoo');
		nextRinseStep(run, undefined, at(9));
		expect(run.clocks).toEqual([]);
	});
});

describe('what was done before it was tapped', () => {
	it('a service that began earlier: what was tapped and seen keeps its instant', () => {
		const run: Visit['run'] = {
			elapsedSeconds: 0,
			runningSince: at(0).toISOString(),
			startedAt: at(0).toISOString(),
			notes: [{ id: 'n', minute: 12, zone: 'lengths', text: '' }],
			taps: [{ act: 'on', section: 'a', minute: 4 }],
			allOn: { minute: 20, reckonedMinutes: 18 }
		};
		beganEarlier(run, 10);
		expect(elapsedSeconds(run, at(1))).toBe(11 * 60);
		expect(run.startedAt).toBe(at(-10).toISOString());
		expect(run.taps![0]!.minute).toBe(14);
		expect(run.notes[0]!.minute).toBe(22);
		expect(run.allOn).toEqual({ minute: 30, reckonedMinutes: 18 });
	});
	it('before it has begun nothing began earlier', () => {
		const run = empty();
		beganEarlier(run, 10);
		expect(run).toEqual(empty());
	});
	it('a section that went on earlier, never before the first stroke', () => {
		const run: Visit['run'] = { ...empty(), taps: [{ act: 'on', section: 'a', minute: 6 }] };
		tappedEarlier(run, { act: 'on', section: 'a' }, 2);
		expect(run.taps![0]!.minute).toBe(4);
		tappedEarlier(run, { act: 'on', section: 'a' }, 30);
		expect(run.taps![0]!.minute).toBe(0);
	});
});

describe('the clock on the wall jumps while something lies', () => {
	const running = (): Visit['run'] => {
		const run: Visit['run'] = { ...empty(), runningSince: at(0).toISOString() };
		toggleClock(run, 'toner', at(2), 0);
		return run;
	};
	/** Eight minutes in, by the steady clock, the wall says so many minutes more. */
	const jump = (byMinutes: number, lateSeconds = 0) => ({
		at: at(8 + byMinutes + lateSeconds / 60),
		bySeconds: byMinutes * 60
	});
	const shown = (run: Visit['run'], byMinutes: number) =>
		[run, clockOf(run, 'toner')!].map((timer) => elapsedSeconds(timer, at(8 + byMinutes)) / 60);

	it.each([-60, 60, 7.5])(
		'by %d min: it has lain as long as the clock says that is right',
		(by) => {
			const run = running();
			const noticed = jump(by);
			expect(countsBy(run, noticed)).toBe('wall');
			takeJump({ run }, noticed, 'steady', noticed.at);
			expect(shown(run, by)).toEqual([8, 6]);
			takeJump({ run }, noticed, 'wall', noticed.at);
			expect(shown(run, by)).toEqual([8 + by, 6 + by].map((minutes) => Math.max(0, minutes)));
			expect(run.clockJumps).toEqual([
				{ at: noticed.at.toISOString(), byMinutes: by, took: 'wall' }
			]);
		}
	);
	it('counts once, however many windows notice it and say so', () => {
		const run = running();
		takeJump({ run }, jump(-60), 'steady', jump(-60).at);
		for (const late of [1, 40]) takeJump({ run }, jump(-60, late), 'steady', at(-51));
		expect(shown(run, -60)).toEqual([8, 6]);
		expect(run.clockJumps).toHaveLength(1);
		// Set right again it is another one, also within the same minute.
		takeJump({ run }, { at: at(8.5), bySeconds: 3600 }, 'steady', at(8.5));
		expect(shown(run, 0)).toEqual([8, 6]);
		expect(run.clockJumps).toHaveLength(2);
	});
	it.each([-60, 60])(
		'by %d min: what went on after it counts from then, whatever is said',
		(by) => {
			const run: Visit['run'] = { ...empty(), runningSince: at(0).toISOString() };
			const noticed = jump(by);
			if (by < 0) takeJump({ run }, noticed, 'steady', noticed.at);
			toggleClock(run, 'toner', at(9 + by), 0);
			for (const right of ['steady', 'wall'] as const) {
				takeJump({ run }, noticed, right, at(12 + by));
				expect(seconds(run, 'toner', 12 + by)).toBe(180);
			}
		}
	);
	it('two windows at one moment write the same', () => {
		const [one, other] = [running(), running()];
		takeJump({ run: one }, jump(-60), 'steady', jump(-60).at);
		takeJump({ run: other }, jump(-60), 'steady', new Date(jump(-60).at.getTime() + 300));
		expect(other).toEqual(one);
	});
});

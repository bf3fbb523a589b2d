import { describe, expect, it } from 'vitest';
import type { Visit } from '../../schema/records';
import { openVisit } from '../../testing/demoVisit';
import { isRunning } from '../day/clocks';
import { mainPlan } from '../day/steps';
import { visitDone } from '../day/done';
import { changeStep } from './acts';
import { comeOff, notAllOff, rinse } from './run';

const { session } = await openVisit('hesper-oake');
const AT = new Date('2026-03-02T11:00:00Z');

/** A head on which lightener lies. */
const lying = (): Visit => ({
	...structuredClone(session.visit),
	status: 'inChair',
	run: { elapsedSeconds: 3600, startedAt: '2026-03-02T10:00:00.000Z', notes: [] }
});

describe('the last of the lightener comes off', () => {
	it('by taps alone: from then on it lay as long as it did, and lies no more', () => {
		const visit = lying();
		expect(isRunning(visit)).toBe(true);
		comeOff(visit.run, { minutes: 47.6, volume: 12.34 });
		expect(visit.run.lain).toEqual({ minutes: 48, volume: 12.3 });
		expect(isRunning(visit)).toBe(false);
		expect(mainPlan(visitDone(visit))).toMatchObject({ minutes: 48, volume: 12.3 });
	});
	it('what was set right stands when it is called rinsed', () => {
		const visit = lying();
		comeOff(visit.run, { minutes: 48 });
		visit.run.lain!.minutes = 44;
		rinse(visit, AT, 3600, { minutes: 60 });
		expect(visit.run).toMatchObject({ rinsedAtMinute: 60, lain: { minutes: 44 } });
	});
	it('some of it lies after all: nothing is known until that is off', () => {
		const visit = lying();
		comeOff(visit.run, { minutes: 48 });
		notAllOff(visit.run);
		expect(visit.run.lain).toBeUndefined();
		expect(isRunning(visit)).toBe(true);
		rinse(visit, AT, 3600, { minutes: 60 });
		notAllOff(visit.run);
		expect(visit.run.lain).toEqual({ minutes: 60 });
	});
	it('of a head whose clock nobody started nothing is known', () => {
		const visit = lying();
		delete visit.run.startedAt;
		comeOff(visit.run, { minutes: 48 });
		expect(visit.run.lain).toBeUndefined();
	});
});

describe('the strength of an application', () => {
	it('once it is off is the one that it lay with', () => {
		const visit = lying();
		changeStep(visit, 'main', (plan) => (plan.volume = 30));
		expect(visit.lift.volume).toBe(30);
		comeOff(visit.run, { minutes: 48, volume: 15 });
		changeStep(visit, 'main', (plan) => (plan.damp = true));
		expect(visit.run.lain).toEqual({ minutes: 48, volume: 15 });
		changeStep(visit, 'main', (plan) => (plan.volume = 20));
		expect(visit.run.lain).toEqual({ minutes: 48, volume: 20 });
	});
});

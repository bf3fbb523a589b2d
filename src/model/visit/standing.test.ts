import { describe, expect, it } from 'vitest';
import { levelOfFibre } from '../../core/lift';
import { openVisit } from '../../testing/demoVisit';
import { MAIN_STEP, type DayStep } from '../day/steps';
import type { LevelSeen } from '../day/seen';
import { standingSeen, type ExpectedHair } from './standing';

const { session } = await openVisit('hesper-oake');
const { head } = session;
const zone = head.zone;
const main = head.steps.find(({ id }) => id === MAIN_STEP)!;
const again: DayStep = { ...main, id: 'again', kind: 'again' };
/** A tenth of a level a minute. */
const hair = (steps: readonly DayStep[] = [main]): ExpectedHair => ({
	reading: head.reading,
	subject: head.subject,
	steps,
	levelAt: (_, minutes) => 5 + minutes / 10
});
const END = main.plan.minutes;
const seen = (change: Partial<LevelSeen>): LevelSeen => ({
	zone: zone.name,
	level: 8,
	minute: END,
	lay: END,
	...change
});
const stands = (change: Partial<LevelSeen>, steps?: readonly DayStep[]) => {
	const start = standingSeen(seen(change), zone, hair(steps));
	return { ...start, level: levelOfFibre(start.fibre) };
};

describe('hair that somebody looked at, at the end of the day', () => {
	it('is as it was read, off and dry, whenever that was', () => {
		expect(stands({ after: MAIN_STEP }).level).toBeCloseTo(8, 1);
		expect(stands({ after: MAIN_STEP, lay: 5 }).level).toBeCloseTo(8, 1);
		expect(stands({ after: MAIN_STEP }).seen).toBe(true);
	});
	it('was lightened on by what was still to come where it lay, and then nobody saw how it ended', () => {
		const early = stands({ lay: END - 10 });
		expect(early.level).toBeCloseTo(9, 1);
		expect(early.seen).toBe(false);
		const late = stands({ lay: END - 2 });
		expect(late.level).toBeCloseTo(8.2, 1);
		expect(late.seen).toBe(true);
		expect(stands({ lay: END + 10 }).level).toBeCloseTo(8, 1);
	});
	it('keeps the warmth that was named while a step of less than a quarter was still to come', () => {
		expect(stands({ lay: END - 2, undertone: 'orange' }).named?.undertone).toBe('orange');
		expect(stands({ lay: END - 3, undertone: 'orange' }).named).toBeUndefined();
	});
	it('goes on from there with what is put on after it', () => {
		const then = stands({ after: MAIN_STEP, level: 7 }, [main, again]);
		expect(then.level).toBeGreaterThan(7.3);
		expect(then.seen).toBe(false);
		expect(stands({ after: 'again' }, [main, again]).seen).toBe(true);
		// Whoever looked past the time of the main application looked at the end of the day.
		expect(stands({ lay: END + 5, level: 7 }, [main, again]).level).toBeCloseTo(7, 1);
	});
	it('nobody saw it where only looks at the rest of the head tell of it', () => {
		const told = stands({ after: MAIN_STEP, isTold: true });
		expect(told.level).toBeCloseTo(8, 1);
		expect(told.seen).toBe(false);
	});
	it('hair on which nothing went is as it was seen', () => {
		const off = {
			...main,
			plan: { ...main.plan, covers: { root: false, lengths: false, ends: false } }
		};
		expect(stands({ lay: 5 }, [off]).level).toBeCloseTo(8, 1);
	});
});

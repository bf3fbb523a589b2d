import { describe, expect, it } from 'vitest';
import { lainAt, reckonedLain } from './lain';

const allOn = (minute: number) => ({ allOn: { minute, reckonedMinutes: minute } });
const never = () => {
	throw new Error('somebody said when all was on: nothing is to be reckoned');
};

describe('how long a head lay by its timer alone', () => {
	it('what was on at once lay as long as the timer says', () => {
		expect(reckonedLain({}, 62, 50, () => 0)).toBe(62);
	});
	it('what took as long as the timer ran over lay the time that was planned', () => {
		expect(reckonedLain(allOn(30), 65, 35, never)).toBe(35);
	});
	it('never lies longer than from the middle of the work on', () => {
		expect(reckonedLain(allOn(30), 40, 35, never)).toBe(25);
	});
	it('counts as on after the minutes that usual hands take, within what the timer has', () => {
		expect(reckonedLain({}, 60, 35, () => 10)).toBe(50);
		expect(reckonedLain({}, 60, 35, () => 90)).toBe(35);
		expect(reckonedLain({}, 20, 35, () => 90)).toBe(20);
	});
});

describe('how long it had lain at a minute of the timer', () => {
	const lain = { minutes: 50 };
	it('is what the timer says, until it is known how long it lay', () => {
		expect(lainAt({}, 20)).toBe(20);
		expect(lainAt({ rinsedAtMinute: 62 }, 20)).toBe(20);
		expect(lainAt({ lain }, 20)).toBe(20);
	});
	it('is so much less as it was begun later, never less than nothing or more than it lay', () => {
		const run = { lain, rinsedAtMinute: 62 };
		expect(lainAt(run, 45)).toBe(33);
		expect(lainAt(run, 5)).toBe(0);
		expect(lainAt(run, 80)).toBe(50);
		// Set right to more than the timer has: it began with the timer.
		expect(lainAt({ lain: { minutes: 70 }, rinsedAtMinute: 62 }, 45)).toBe(45);
	});
	it('ends with the last section that came off, where nobody said that it was rinsed', () => {
		const off = (minute: number) => ({ act: 'off' as const, section: 'a', minute });
		const taps = [off(40), off(60), { act: 'on' as const, section: 'a', minute: 90 }];
		expect(lainAt({ lain, taps }, 45)).toBe(35);
	});
});

import { describe, expect, it } from 'vitest';
import { reckonedLain } from './lain';

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

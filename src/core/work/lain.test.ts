import { describe, expect, it } from 'vitest';
import { lainOn } from './lain';

type Lay = Parameters<typeof lainOn>[0][number];
const section = (change: Partial<Lay> = {}): Lay => ({
	state: 'on',
	part: undefined,
	fromMinute: 0,
	toMinute: 4,
	offMinute: 40,
	...change
});

describe('how long a mixture lay on a head', () => {
	it('counts from the middle of putting on to the rinse, whatever was planned', () => {
		expect(lainOn([section()], 62)).toEqual({ minutes: 60 });
		expect(lainOn([section({ state: 'overdue' })], 62)).toEqual({ minutes: 60 });
	});
	it('is the mean of the sections, in whole minutes', () => {
		const late = section({ fromMinute: 20, toMinute: 25 });
		expect(lainOn([section(), late], 62)).toEqual({ minutes: Math.round((60 + 39.5) / 2) });
	});
	it('ends when a section came off or was wiped, never after the rinse', () => {
		expect(lainOn([section({ state: 'off', offMinute: 30 })], 62)).toEqual({ minutes: 28 });
		expect(lainOn([section({ state: 'off', offMinute: 70 })], 62)).toEqual({ minutes: 60 });
		expect(lainOn([section({ state: 'wiped', wipedMinute: 22 })], 62)).toEqual({ minutes: 20 });
		expect(lainOn([section({ state: 'on', wipedMinute: 22 })], 62)).toEqual({ minutes: 60 });
	});
	it('what was not on when it was rinsed never lay', () => {
		const not = (['waiting', 'puttingOn'] as const).map((state) => section({ state }));
		expect(lainOn([section(), ...not], 62)).toEqual({ minutes: 60 });
		expect(lainOn(not, 62)).toEqual({ minutes: 0 });
		expect(lainOn([section({ fromMinute: 60, toMinute: 70 })], 62)).toEqual({ minutes: 0 });
	});
	it('tells the root apart where it was worked apart, and old light pieces of nothing', () => {
		const root = section({ part: 'root', fromMinute: 30, toMinute: 34 });
		const lengths = section({ part: 'lengths' });
		const lights = section({ part: 'oldLights', fromMinute: 50, toMinute: 52 });
		expect(lainOn([lengths, root, lights], 62)).toEqual({ minutes: 60, root: 30 });
		expect(lainOn([root], 62)).toEqual({ minutes: 30 });
	});
});

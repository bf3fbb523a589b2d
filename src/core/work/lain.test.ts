import { describe, expect, it } from 'vitest';
import { lainOn } from './lain';

type Args = Parameters<typeof lainOn>;
type Lay = Args[2][number];
type Finish = Args[1][number];

const PLANNED = { minutes: 38, root: 30 };
/** Put on in the first four minutes, and staged to be rinsed at the fortieth: 38 minutes. */
const section = (change: Partial<Lay> = {}): Lay => ({
	section: 'a',
	state: 'on',
	part: undefined,
	fromMinute: 0,
	toMinute: 4,
	offMinute: 40,
	...change
});
const staged = (change: Partial<Finish> = {}): Finish => ({
	section: 'a',
	part: undefined,
	appliedFromMinute: 0,
	appliedToMinute: 4,
	rinseMinute: 40,
	...change
});
const lain = (
	sections: readonly Lay[],
	end: number,
	finish = [staged()],
	planned: Args[0] = PLANNED
) => lainOn(planned, finish, sections, end);

describe('how long a mixture lay on a head', () => {
	it('is what was planned where each section lay as it was staged, however long that was', () => {
		const finish = [
			staged(),
			staged({ section: 'b', appliedFromMinute: 30, appliedToMinute: 34, rinseMinute: 44 })
		];
		const done = [
			section({ state: 'off', offMinute: 40 }),
			section({ section: 'b', fromMinute: 30, toMinute: 34, state: 'off', offMinute: 44 })
		];
		expect(lain(done, 90, finish)).toEqual({ minutes: 38 });
	});
	it('is as much longer as the sections lay longer, on average and in whole minutes', () => {
		expect(lain([section()], 62)).toEqual({ minutes: 60 });
		expect(lain([section({ state: 'overdue' })], 62)).toEqual({ minutes: 60 });
		const late = section({ fromMinute: 20, toMinute: 25 });
		expect(lain([section(), late], 62)).toEqual({ minutes: Math.round((60 + 39.5) / 2) });
	});
	it('ends when a section came off or was wiped, never after the rinse', () => {
		expect(lain([section({ state: 'off', offMinute: 30 })], 62)).toEqual({ minutes: 28 });
		expect(lain([section({ state: 'off', offMinute: 70 })], 62)).toEqual({ minutes: 60 });
		expect(lain([section({ state: 'wiped', wipedMinute: 22 })], 62)).toEqual({ minutes: 20 });
		expect(lain([section({ state: 'on', wipedMinute: 22 })], 62)).toEqual({ minutes: 60 });
	});
	it('what was not on when it was rinsed never lay', () => {
		const not = (['waiting', 'puttingOn'] as const).map((state) => section({ state }));
		expect(lain([section(), ...not], 62)).toEqual({ minutes: 60 });
		expect(lain(not, 62)).toEqual({ minutes: 0 });
		expect(lain([section({ fromMinute: 60, toMinute: 70 })], 62)).toEqual({ minutes: 0 });
	});
	it('tells the root apart where it was worked apart, and old light pieces of nothing', () => {
		const finish = (['root', 'lengths', 'oldLights'] as const).map((part) =>
			staged({ part, ...(part === 'root' ? { appliedFromMinute: 8, appliedToMinute: 12 } : {}) })
		);
		const root = section({ part: 'root', fromMinute: 30, toMinute: 34 });
		const lengths = section({ part: 'lengths' });
		const lights = section({ part: 'oldLights', fromMinute: 50, toMinute: 52 });
		expect(lain([lengths, root, lights], 62, finish)).toEqual({ minutes: 60, root: 30 });
		expect(lain([root], 62, finish)).toEqual({ minutes: 30 });
		expect(lain([root], 62, finish, { minutes: 38 })).toEqual({ minutes: 38 });
	});
	it('a section that was never staged says nothing', () => {
		expect(
			lain([section(), section({ section: 'new', fromMinute: 40, toMinute: 44 })], 62)
		).toEqual({
			minutes: 60
		});
	});
});

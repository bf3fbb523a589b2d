import { describe, expect, it } from 'vitest';
import { processCall } from './processCall';

const LIGHTENER = { minutes: 30, limitMinutes: 50, lifts: true };
const TONER = { minutes: 20, lifts: false };

describe('what lies on the hair with one clock', () => {
	it('is looked at from half time on, every eight minutes, then comes off', () => {
		expect(processCall(LIGHTENER, 3)).toEqual({ kind: 'look', minute: 15, again: false });
		expect(processCall(LIGHTENER, 16, 15)).toMatchObject({ kind: 'look', minute: 23 });
		// A look so short before the end is that of the end.
		expect(processCall(LIGHTENER, 24, 23)).toMatchObject({ kind: 'ready', minute: 30 });
	});
	it('left on after a look, it is looked at again before long, and never past its limit', () => {
		expect(processCall(LIGHTENER, 31, 30)).toMatchObject({ kind: 'ready', minute: 38 });
		expect(processCall(LIGHTENER, 47, 46)).toMatchObject({ kind: 'ready', minute: 50 });
		expect(processCall(LIGHTENER, 50, 46)).toMatchObject({ kind: 'limit', minute: 50 });
	});
	it('asks again after five minutes in which nobody came', () => {
		expect(processCall(LIGHTENER, 19.9)).toMatchObject({ again: false });
		expect(processCall(LIGHTENER, 20)).toMatchObject({ again: true });
	});
	it('a toner is wiped and looked at when its time is over, and nothing forbids longer', () => {
		expect(processCall(TONER, 5)).toMatchObject({ kind: 'ready', minute: 20 });
		expect(processCall(TONER, 300)).toMatchObject({ kind: 'ready', minute: 20, again: true });
	});
	it('never calls later than its limit, whatever was planned', () => {
		expect(processCall({ ...LIGHTENER, minutes: 70 }, 41, 40)).toMatchObject({ minute: 50 });
	});
});

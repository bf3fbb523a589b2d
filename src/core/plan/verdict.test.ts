import { describe, expect, it } from 'vitest';
import { PLAN } from './constants';
import type { AimJudgement } from './judge';
import type { SessionsEstimate } from './sessions';
import { dayVerdict, planVerdict, visitWeeks, type Behind, type DayEnd } from './verdict';

const judged = (change: Partial<AimJudgement> = {}): AimJudgement => ({
	verdict: 'today',
	visits: 1,
	weeks: 0,
	condition: 88,
	decides: 'lengths',
	darkColour: false,
	hardest: undefined,
	hair: [],
	alternatives: [],
	...change
});
const behind: Behind = {
	section: 'crown',
	level: 8.2,
	by: 0.6,
	why: 'time',
	minutes: 28,
	longest: 50,
	volume: 20
};
const end = (change: Partial<DayEnd> = {}): DayEnd => ({
	condition: 84,
	behind: undefined,
	...change
});
const repeated = (visits: number, reaches = true): SessionsEstimate => ({
	visits: Array.from({ length: visits }, (_, i) => ({
		number: i + 1,
		week: i * 4,
		level: 7 + i,
		low: 7,
		high: 8,
		undertone: { name: 'yellow' } as SessionsEstimate['visits'][number]['undertone'],
		condition: 90 - 10 * i
	})),
	reaches,
	...(reaches ? {} : { stoppedBy: 'condition' })
});

describe('the one answer to an aim', () => {
	it('is that of Aim’s plan where nobody set the day otherwise, with what stays behind of it', () => {
		const grounds = { judgement: judged(), repeated: undefined };
		expect(dayVerdict({ ...grounds, end: end() })).toMatchObject({
			verdict: 'today',
			isOwn: false,
			behind: undefined,
			condition: 84
		});
		expect(dayVerdict({ ...grounds, end: end({ behind }) })).toMatchObject({
			verdict: 'today',
			behind
		});
		expect(dayVerdict({ ...grounds, end: undefined })).toMatchObject({ condition: 88 });
	});
	it('names no hair as left behind on a day that is not to bring it there', () => {
		const judgement = judged({ verdict: 'visits', visits: 3, weeks: 8, condition: 70 });
		expect(dayVerdict({ judgement, end: end({ behind }), repeated: undefined })).toMatchObject({
			verdict: 'visits',
			visits: 3,
			weeks: 8,
			condition: 70,
			behind: undefined
		});
	});
	it('is today for a day of one’s own that brings all of it there, whatever Aim’s plan takes', () => {
		const judgement = judged({ verdict: 'visits', visits: 2, weeks: 4 });
		const of = (day: DayEnd, dark = false) =>
			dayVerdict({
				judgement: { ...judgement, darkColour: dark },
				end: day,
				repeated: repeated(2)
			});
		expect(of(end())).toMatchObject({ verdict: 'today', visits: 1, isOwn: true, condition: 84 });
		expect(of(end({ condition: PLAN.minCondition }))).toMatchObject({ verdict: 'today' });
		expect(of(end({ condition: PLAN.minCondition - 0.1 }))).toMatchObject({ verdict: 'visits' });
		// Old dark colour is never promised to go in one day.
		expect(of(end(), true)).toMatchObject({ verdict: 'visits', visits: 2 });
	});
	it('counts how often such a day is repeated, and says where it stops', () => {
		const of = (again: SessionsEstimate, dark = false) =>
			dayVerdict({
				judgement: judged({ darkColour: dark }),
				end: end({ behind }),
				repeated: again
			});
		expect(of(repeated(3))).toMatchObject({
			verdict: 'visits',
			visits: 3,
			weeks: 8,
			condition: 70
		});
		expect(of(repeated(1))).toMatchObject({ verdict: 'today', behind });
		expect(of(repeated(1), true)).toMatchObject({
			verdict: 'visits',
			visits: 2,
			behind: undefined
		});
		expect(of(repeated(2, false))).toMatchObject({
			verdict: 'notSo',
			stops: { level: 8, stoppedBy: 'condition' }
		});
	});
	it('is that of the hair where nothing has to be lifted', () => {
		const judgement = judged({ verdict: 'already', visits: 0 });
		expect(dayVerdict({ judgement, end: undefined, repeated: repeated(2) })).toMatchObject({
			verdict: 'already',
			isOwn: false
		});
	});
	it('spreads its visits over its weeks, and has none where nothing is lifted or nothing does it', () => {
		const of = (change: Partial<AimJudgement>) => visitWeeks(planVerdict(judged(change)));
		expect(of({})).toEqual([0]);
		expect(of({ verdict: 'visits', visits: 3, weeks: 8 })).toEqual([0, 4, 8]);
		expect(of({ verdict: 'already', visits: 0 })).toEqual([]);
		expect(of({ verdict: 'notSo', visits: Infinity })).toEqual([]);
	});
	it('is told of hair alone before anybody says how the head is worked', () => {
		expect(planVerdict(judged())).toMatchObject({ verdict: 'today', isOwn: false, condition: 88 });
	});
});

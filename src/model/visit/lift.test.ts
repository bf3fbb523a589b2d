import { describe, expect, it } from 'vitest';
import { SPREAD } from '../../core/lift';
import { plainReading } from '../head/plain';
import { applicationOn, liftTarget, subjectOf } from './lift';
import { zonesOf } from '../head/hair';
import { newVisit } from '../commands/newVisit';

const doubt = (lengths?: number): number =>
	subjectOf({
		...plainReading(),
		...(lengths === undefined ? {} : { secondOpinion: { lengths } })
	}).spreadOf('lengths').startLevel;

describe('how sure a reading is', () => {
	it('two people who agree halve the doubt of one, in squares', () => {
		expect(doubt()).toBe(0.25);
		expect(doubt(5)).toBeCloseTo(0.25 / Math.SQRT2, 9);
		expect(doubt(5)).toBeLessThan(doubt());
	});
	it('two who differ carry half of their difference', () => {
		expect(doubt(7)).toBeCloseTo(Math.hypot(0.25 / Math.SQRT2, 1), 9);
		expect(doubt(4)).toBeGreaterThan(doubt());
	});
	it('a learned head has absorbed half of what temperature and saturation were in doubt', () => {
		const learned = {
			personal: { mean: 0, sd: 0.1 } as never,
			factor: 0.9,
			visits: 2,
			areas: []
		};
		const spread = subjectOf(plainReading(), learned).spreadOf('ends');
		expect(spread.logPersonal).toBe(0.1);
		expect(spread.temperatureC).toBe(SPREAD.temperatureC / 2);
		expect(spread.reach).toBe(SPREAD.reach / 2);
	});
});

describe('a plan on a zone', () => {
	const visit = newVisit('c', { at: new Date('2026-03-02T10:00:00Z'), day: '2026-03-02' });
	const zones = zonesOf(visit.reading);
	const [root, lengths, ends] = zones as [(typeof zones)[0], (typeof zones)[0], (typeof zones)[0]];
	it('lies as long as is planned, less what it follows later', () => {
		const plan = { ...visit.lift, minutes: 40, delays: { root: 12, lengths: 0, ends: 5 } };
		expect(applicationOn(plan, root).minutes).toBe(28);
		expect(applicationOn(plan, lengths).minutes).toBe(40);
		expect(applicationOn(plan, ends).minutes).toBe(35);
		expect(applicationOn(plan, ends, 20).minutes).toBe(15);
	});
	it('is drawn through for its last minutes, as old as it is by then, and lies nowhere else', () => {
		const covers = { root: true, lengths: true, ends: false };
		const plan = { ...visit.lift, minutes: 40, drawThroughMinutes: 10, covers };
		expect(applicationOn(plan, ends)).toMatchObject({ minutes: 10, bowlAgeMinutes: 30 });
		expect(applicationOn({ ...plan, drawThroughMinutes: 0 }, ends).minutes).toBe(0);
	});
	it('works towards the aim and the room that its toner needs, never past 12', () => {
		expect(liftTarget({ ...visit.aim, level: 9, liftPast: 0.5 })).toBe(9.5);
		expect(liftTarget({ ...visit.aim, level: 11.8, liftPast: 1 })).toBe(12);
	});
});

import { describe, expect, it } from 'vitest';
import { MOMENT, openVisit } from '../../testing/demoVisit';
import { makeSeries, nextFromRecord, seriesOf } from '../commands/series';
import { record, seeResult } from '../commands/result';
import { dayAfter } from '../time';
import { planStanding } from './planStanding';
import type { Visit } from '../../schema/records';

async function planned() {
	const { session, workspace } = await openVisit('hesper-oake');
	const { before, lift, after } = session.visit;
	const day = { before, lift, after };
	const visits = makeSeries(
		session.visit,
		[
			{ week: 0, day, level: 7.24 },
			{ week: 8, day, level: 9 }
		],
		MOMENT.at
	);
	return { session, workspace, visits };
}
const recorded = (visit: Visit, seen?: number): Visit => {
	const done = structuredClone(visit);
	record(done, { expected: { toned: 7, lifted: 7.2 } }, 8, MOMENT.at);
	if (seen !== undefined) seeResult(done, seen);
	return done;
};

describe('several visits as one plan', () => {
	it('keeps what was promised of each, and of all', async () => {
		const { visits } = await planned();
		expect(visits.map(({ series }) => series!.promise)).toEqual([
			{ level: 7.2, visits: 2, date: MOMENT.day },
			{ level: 9, visits: 2, date: MOMENT.day }
		]);
	});
	it('stands at its first open visit; nothing is left behind before anything was done', async () => {
		const { visits } = await planned();
		const stands = planStanding(visits, MOMENT.day)!;
		expect(stands.next!.visit.id).toBe(visits[0]!.id);
		expect(stands.last).toBeUndefined();
		expect(stands.gap).toBeUndefined();
		expect(planStanding(visits.slice(0, 1), MOMENT.day)).toBeUndefined();
	});
	it('says what the first came to beside its promise, seen or only expected, and what the next starts from', async () => {
		const { visits } = await planned();
		const seen = recorded(visits[0]!, 6.4);
		const next = nextFromRecord([seen, visits[1]!], seen)!;
		const stands = planStanding([seen, next], dayAfter(MOMENT.day, 10))!;
		// Seen toned six tenths under what was expected of the toned hair: so its lift was.
		expect(stands.last).toMatchObject({ left: 6.6, promised: 7.2, seen: true });
		expect(stands.gap).toBeCloseTo(-0.6, 9);
		expect(stands.next!.visit.id).toBe(next.id);
		expect(stands.start!.weeks).toBe(8);
		expect(stands.start!.regrowthCm).toBe(next.reading.regrowthCm);
		const unseen = planStanding([recorded(visits[0]!), visits[1]!], MOMENT.day)!;
		expect(unseen.last).toMatchObject({ left: 7.2, seen: false });
		expect(unseen.gap).toBeCloseTo(0, 9);
	});
	it('is done when all of it is recorded', async () => {
		const { visits } = await planned();
		const stands = planStanding(
			visits.map((visit) => recorded(visit)),
			dayAfter(MOMENT.day, 90)
		)!;
		expect(stands.next).toBeUndefined();
		expect(stands.start).toBeUndefined();
		expect(stands.last!.visit.id).toBe(visits[1]!.id);
	});
	it('of the demo stands at the second of two, the first of which fell short', async () => {
		const { session, workspace } = await openVisit('teodor-vask');
		const series = seriesOf(workspace.visitsOf('teodor-vask'), session.visit);
		const stands = planStanding(series, MOMENT.day)!;
		expect(stands.steps).toHaveLength(2);
		expect(stands.next!.visit.id).toBe(session.id);
		expect(stands.last).toMatchObject({ left: 5, promised: 6.1, seen: true });
	});
});

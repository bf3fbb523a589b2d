import { flushSync } from 'svelte';
import { describe, expect, it } from 'vitest';
import { seePlace } from '../model/commands/result';
import { nextReading } from '../model/visit/nextReading';
import { plannedOf, record } from '../model/commands/result';
import { toggleRun } from '../model/commands/run';
import { rowsOf } from '../model/ledger/rows';
import { backDates } from '../model/visit/backDates';
import { dayAfter } from '../model/time';
import { readingOf } from '../model/head/exceptions';
import { anyDocument, type Visit } from '../schema/records';
import { demoDocuments } from '../testing/demoDocuments';
import { MOMENT, NOW, openMemory, openVisit, SPOT, standing } from '../testing/demoVisit';
import { VisitState } from './visitState.svelte';
import { SendOffView } from './sendOffView.svelte';

/** A deep neutral brown, of the line on the shelf. */
const DEEP = [{ name: '5N', level: 5, tone: 'N', grams: 30 }];
const openedToner = ({ tone: { lineId, vehicle, ratio, totalGrams } }: Visit) => ({
	...(lineId === undefined ? {} : { lineId }),
	vehicle,
	ratio,
	minutes: 20,
	totalGrams
});

async function open(client: string) {
	const { session, workspace } = await openVisit(client);
	flushSync();
	return { session, workspace, view: new SendOffView(session) };
}

describe('the end of a visit', () => {
	it('tells every zone that the service takes in, and areas that are not as the rest', async () => {
		const { session, view } = await open('casimir-bly');
		expect(view.rows.map(({ key }) => key)).toEqual(['lengths', 'ends', 'fringe']);
		const main = view.rows.find(({ isMain }) => isMain)!;
		expect(main.expected.toned).toBeCloseTo(session.head.finished.level, 9);
		expect(main.expected.lifted).toBeCloseTo(session.head.rawLevel, 9);
		expect(view.rows.every(({ seen }) => seen === undefined)).toBe(true);
	});
	it('what is seen of the hair that the figures speak of is what was seen of the head', async () => {
		const { session, view } = await open('casimir-bly');
		const main = view.rows.find(({ isMain }) => isMain)!;
		session.change('seen', (draft) =>
			seePlace(draft, main.place, { level: 7.04, tone: 'warm' }, true)
		);
		expect(session.visit.result).toMatchObject({ level: 7, tone: 'warm' });
		expect(view.rows.find(({ isMain }) => isMain)!.seen).toMatchObject({ level: 7, tone: 'warm' });
		session.change('stretch', (draft) => seePlace(draft, main.place, { stretch: 'slow' }, true));
		expect(view.rows.find(({ isMain }) => isMain)!.seen).toMatchObject({
			level: 7,
			stretch: 'slow'
		});
	});
	it('keeps what was expected and planned when it was recorded, whatever is learned or changed later', async () => {
		const { session, view } = await open('casimir-bly');
		const { planned } = view;
		const expected = view.rows.map((row) => Number(row.expected.toned.toFixed(1)));
		expect(planned).toMatchObject({ minutes: session.chairMinutes, grams: session.work.grams });
		session.change('recorded', (draft) => record(draft, view.foreseen, 13, NOW));
		session.change('told otherwise', (draft) => {
			draft.lift.minutes = 20;
			draft.reading.naturalLevel -= 1;
		});
		flushSync();
		expect(session.work.chairMinutes).not.toBe(planned.minutes);
		expect(view.planned).toEqual(planned);
		expect(view.rows.map((row) => row.expected.toned)).toEqual(expected);
	});
	it('is held to the plan by which it began, not to the one that it bent to', async () => {
		const { session, view } = await open('hesper-oake');
		const planned = plannedOf(session.work);
		const start = () =>
			session.change('start', (draft) => {
				session.begin(draft);
				toggleRun(draft.run, NOW, 0);
			});
		start();
		expect(session.visit).toMatchObject({ status: 'inChair', result: { planned } });
		session.change('another plan', ({ lift, bowls }) => {
			lift.minutes += 10;
			bowls.foils = Math.round(bowls.foils / 2);
		});
		flushSync();
		expect(plannedOf(session.work)).not.toEqual(planned);
		// Held and gone on with, it is the same service.
		start();
		expect(view.planned).toEqual(planned);
		session.change('recorded', (draft) =>
			record(draft, view.foreseen, 8, NOW, 'the colleague rinses')
		);
		expect(session.visit.result.planned).toEqual(planned);
	});
	it('of hair at the end of the ladder keeps no level that a record cannot hold', async () => {
		const { session, view } = await open('hesper-oake');
		const black = [{ name: '1N', level: 1, tone: 'N', grams: 60 }];
		session.change('black', (draft) => {
			draft.reading.naturalLevel = 1;
			draft.lift.volume = 10;
			draft.lift.minutes = 5;
			Object.assign(draft.tone, openedToner(draft), { choice: 'formula', parts: black, ratio: 1 });
		});
		flushSync();
		expect(view.foreseen.expected.toned).toBeLessThan(1);
		session.change('recorded', (draft) => record(draft, view.foreseen, 6, NOW));
		expect(session.visit.result.expected!.toned).toBe(1);
		expect(anyDocument.safeParse(session.visit).error?.issues ?? []).toEqual([]);
	});
	it('of a visit of the demo would keep what stands in its record', async () => {
		const all = demoDocuments(MOMENT).filter(
			(document) => document.kind !== 'visit' || document.clientId === 'anneke-rill'
		);
		const workspace = await openMemory(all);
		for (const id of ['anneke-rill-past-2', 'anneke-rill-past-15']) {
			const session = new VisitState(workspace, id, standing(), SPOT);
			flushSync();
			const { expected, planned } = session.visit.result;
			const { foreseen } = new SendOffView(session);
			for (const key of ['toned', 'lifted', 'predicted'] as const)
				expect(Math.abs(foreseen.expected[key]! - expected![key]!)).toBeLessThan(0.11);
			expect(Math.abs(foreseen.planned!.minutes - planned!.minutes)).toBeLessThan(15);
		}
	});
	it('keeps the lift as it was predicted beside what was seen: the ledger judges the prediction by it', async () => {
		const { session, view } = await open('casimir-bly');
		const predicted = session.head.lift.level;
		const seen = Number((predicted - 0.8).toFixed(1));
		session.change('dry', (draft) => {
			draft.run.startedAt = NOW.toISOString();
			draft.run.notes = [
				{ id: 'dry', minute: 45, zone: 'lengths', level: seen, dry: true, text: '' }
			];
		});
		flushSync();
		session.change('recorded', (draft) => record(draft, view.foreseen, 13, NOW));
		expect(session.visit.result.expected!.lifted).toBeCloseTo(seen, 1);
		expect(session.visit.result.expected!.predicted).toBeCloseTo(predicted, 1);
		const lightening = rowsOf(session.visit).find(({ kind }) => kind === 'lightening')!;
		expect(lightening.seen).toBe(seen);
		expect(lightening.expected).toBeCloseTo(predicted, 1);
		// A record of before, which did not keep it, is compared with nothing but itself: that is not told.
		const before = structuredClone(session.visit);
		delete before.result.expected!.predicted;
		expect(rowsOf(before).find(({ kind }) => kind === 'lightening')!.expected).toBeUndefined();
	});
	it('the next visit starts zone by zone from what was seen there, under its toner', async () => {
		const { session, view } = await open('casimir-bly');
		const [lengths, ends] = view.rows;
		session.change('recorded', (draft) => {
			seePlace(draft, { zone: 'ends' }, { level: ends!.expected.toned - 0.5 }, false);
			record(draft, view.foreseen, 13, NOW);
		});
		const next = nextReading(session.visit, dayAfter(MOMENT.day, 90));
		// Foils picked them up: they come back as pieces among the rest.
		expect(next.zones.ends.oldLights!.level).toBeCloseTo(ends!.expected.lifted - 0.5, 0);
		expect(next.zones.lengths.oldLights!.level).toBeCloseTo(lengths!.expected.lifted, 0);
		// Nobody looked at the lengths.
		expect(next.unseen).toBe(true);
	});
	it('an area apart that was seen is read so next time, and what nobody looked at as the rest went', async () => {
		const { session, view } = await open('casimir-bly');
		const fringe = view.rows.find(({ key }) => key === 'fringe')!;
		const recordWith = (seen: Record<string, number>) => {
			const draft = structuredClone(session.visit);
			for (const [key, off] of Object.entries(seen)) {
				const row = view.rows.find((each) => each.key === key)!;
				seePlace(draft, row.place, { level: row.expected.toned + off }, row.isMain);
			}
			record(draft, view.foreseen, 13, NOW);
			return nextReading(draft, dayAfter(MOMENT.day, 90));
		};
		const levelOf = (reading: ReturnType<typeof nextReading>) =>
			readingOf(reading, 'fringe').zones.lengths.oldLights!.level;
		expect(levelOf(recordWith({ fringe: -0.6 }))).toBeCloseTo(fringe.expected.lifted - 0.6, 0);
		expect(levelOf(recordWith({ lengths: 0.5 }))).toBeCloseTo(fringe.expected.lifted + 0.5, 0);
		expect(levelOf(recordWith({}))).toBeCloseTo(fringe.expected.lifted, 0);
	});
	it('expects of ends that are toned apart what their own toner makes of them', async () => {
		const { session, view } = await open('casimir-bly');
		const before = view.rows.find(({ key }) => key === 'ends')!.expected;
		session.change('ends apart', (draft) => {
			draft.tone.placed = [
				{
					...openedToner(draft),
					id: 'e',
					place: 'ends',
					cm: 4,
					aim: { level: 5, direction: 'neutral', keepWarmth: 0.3 },
					choice: 'formula',
					parts: DEEP
				}
			];
		});
		flushSync();
		const { expected } = view.rows.find(({ key }) => key === 'ends')!;
		expect(expected.toned).toBeLessThan(before.toned - 0.5);
		expect(expected.lifted).toBeCloseTo(before.lifted, 9);
	});
	it('keeps how long they sat, as it is shown, unless somebody said otherwise', async () => {
		const { session } = await open('hesper-oake');
		session.change('recorded', (draft) =>
			record(draft, { expected: { toned: 8, lifted: 8 } }, 6, NOW)
		);
		expect(session.visit.result.tookMinutes).toBe(70);
		const other = (await open('hesper-oake')).session;
		other.change('told', (draft) => (draft.result.tookMinutes = 95));
		other.change('recorded', (draft) =>
			record(draft, { expected: { toned: 8, lifted: 8 } }, 6, NOW)
		);
		expect(other.visit.result.tookMinutes).toBe(95);
		const waits = (await open('anneke-rill')).session;
		waits.change('recorded', (draft) =>
			record(draft, { expected: { toned: 8, lifted: 8 } }, 6, NOW)
		);
		expect(waits.visit.result.tookMinutes).toBeUndefined();
	});
	it('a retouch is no further lightening of hair that was light, a foil over it is', async () => {
		const { session } = await open('anneke-rill');
		session.change('recorded', (draft) =>
			record(draft, { expected: { toned: 8, lifted: 8 } }, 6, NOW)
		);
		const day = dayAfter(MOMENT.day, 42);
		expect(nextReading(session.visit, day).strain.lightenings).toBe(2);
		const over = {
			...session.visit,
			lift: {
				...session.visit.lift,
				covers: { root: true, lengths: true, ends: true },
				overlap: { reason: 'as asked', volume: 10 }
			},
			aim: { ...session.visit.aim, level: 10 }
		};
		expect(nextReading(over, day).strain.lightenings).toBe(3);
	});
	it('says why, from what was seen while it lay and at the end', async () => {
		const { session, view } = await open('teodor-vask');
		expect(view.surprise).toBeUndefined();
		const { zone, plan } = session.head;
		session.change('looks', (draft) => {
			draft.run.notes = [20, 32, 45].map((minute) => ({
				id: `look-${minute}`,
				minute,
				zone: zone.name,
				level: 5,
				text: ''
			}));
		});
		expect(plan.covers[zone.name]).toBe(true);
		const { gap, nothing, causes } = view.surprise!;
		expect(gap).toBeLessThan(-0.5);
		expect(nothing).toBeLessThan(0.5);
		expect(causes[0]!.levels).toBeLessThan(0);
	});
	it('dates what follows: a gloss, a patch test that no longer holds, the next visit', async () => {
		const { session, view } = await open('hesper-oake');
		const dates = backDates(view.back, MOMENT.day, session.client);
		const { from, to } = view.back;
		expect(dates.find(({ what }) => what === 'back')).toEqual({
			what: 'back',
			from: dayAfter(MOMENT.day, 7 * from),
			to: dayAfter(MOMENT.day, 7 * to)
		});
		// Her last test is more than a year old.
		expect(dates.find(({ what }) => what === 'patchTest')!.from).toBe(
			dayAfter(MOMENT.day, 7 * from - 2)
		);
		const tested = { ...session.client!, patchTests: [{ date: MOMENT.day, reacted: false }] };
		expect(backDates(view.back, MOMENT.day, tested).map(({ what }) => what)).not.toContain(
			'patchTest'
		);
		expect(backDates({ ...view.back, glossWeek: 3 }, MOMENT.day, tested)[0]).toEqual({
			what: 'gloss',
			from: dayAfter(MOMENT.day, 21)
		});
	});
	it('tells each client what holds for this hair', async () => {
		const yusra = (await open('yusra-halden')).view;
		expect(yusra.aftercare).toContain('copperWater');
		const anneke = (await open('anneke-rill')).view;
		expect(anneke.aftercare).toContain('calmScalp');
		expect(anneke.aftercare).not.toContain('copperWater');
	});
});

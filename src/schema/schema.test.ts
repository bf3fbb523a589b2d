import { momentIn } from '../model/time';
import { describe, expect, it } from 'vitest';
import { z } from 'zod';
import { demoDocuments } from '../testing/demoDocuments';
import { plainShelf } from '../model/demo/shelf';
import { USUAL_CEILINGS } from '../core/caution';
import { API } from './api';
import { recordsFile } from './file';
import { migrate } from './migrations';
import { anyDocument, SCHEMA_VERSION } from './records';
import storedClient2 from './stored/client.v2.json';
import storedVisit1 from './stored/visit.v1.json';
import storedShelf3 from './stored/shelf.v3.json';
import storedVisit2 from './stored/visit.v2.json';
import storedShelf4 from './stored/shelf.v4.json';
import storedVisit4 from './stored/visit.v4.json';
import storedVisit3 from './stored/visit.v3.json';
import storedShelf6 from './stored/shelf.v6.json';
import storedVisit7 from './stored/visit.v7.json';
import storedVisit6 from './stored/visit.v6.json';
import storedVisit5 from './stored/visit.v5.json';

describe('records', () => {
	it('the demo and the first shelf fit', () => {
		for (const document of [
			...demoDocuments(momentIn(new Date(), 'Etc/UTC')),
			plainShelf(new Date())
		]) {
			expect(anyDocument.safeParse(document).error).toBeUndefined();
		}
	});
	it('publish a JSON Schema of files and of every route', () => {
		expect(z.toJSONSchema(recordsFile, { io: 'output' })).toHaveProperty('properties.documents');
		for (const { request, answer } of Object.values(API)) {
			if (request) expect(z.toJSONSchema(request, { io: 'input' })).toBeTypeOf('object');
			expect(z.toJSONSchema(answer, { io: 'output' })).toBeTypeOf('object');
		}
	});
});

/** How bowls were worked before they could be staged. */
const UNSTAGED = {
	picking: 'weave',
	order: 'napeUp',
	strand: 'together',
	staged: false,
	aboveChosen: false,
	ratioLever: false,
	freshLast: false,
	rinse: { mode: 'together' },
	hands: 1,
	assistant: false,
	mixed: []
};

describe('migration', () => {
	it('lets a document of today through', () => {
		expect(migrate({ schemaVersion: SCHEMA_VERSION, id: 'a' })).toEqual({
			ok: true,
			document: { schemaVersion: SCHEMA_VERSION, id: 'a' },
			also: []
		});
	});
	const lifted = (stored: unknown) => {
		const migrated = migrate(stored);
		if (!migrated.ok) throw new Error(migrated.problem);
		return anyDocument.parse(migrated.document);
	};
	it('gives a visit of version 1 an empty history', () => {
		const { minerals, scalpIrritated, strandTest, ...kept } = storedVisit1.reading;
		expect([minerals, scalpIrritated, strandTest]).toEqual([true, false, 'none']);
		expect(lifted(storedVisit1)).toMatchObject({
			reading: {
				...kept,
				history: [],
				growthCmPerMonth: 1.25,
				strain: { ...kept.strain, feel: 'smooth', ends: 'sound' }
			}
		});
		const client = { schemaVersion: 1, kind: 'client', id: 'c', name: 'A' };
		expect(migrate(client)).toMatchObject({
			document: { ...client, schemaVersion: SCHEMA_VERSION }
		});
	});
	it('tells water, scalp and strand tests of version 2 more finely, and keeps every figure', () => {
		const { minerals, scalpIrritated, strandTest, ...kept } = storedVisit2.reading;
		expect([minerals, scalpIrritated, strandTest]).toEqual([true, false, 'none']);
		expect(lifted(storedVisit2)).toMatchObject({
			...storedVisit2,
			schemaVersion: SCHEMA_VERSION,
			reading: { ...kept, water: 'hard', scalp: 'calm', strandTests: [], areas: {} },
			aim: { ...storedVisit2.aim, kind: 'solid', zones: {}, areas: {}, lightShare: 1 },
			lift: { minutes: storedVisit2.lift.minutes }
		});
		const tested = {
			...storedVisit2,
			reading: { ...storedVisit2.reading, strandTest: 'reacted', scalpIrritated: true }
		};
		expect(lifted(tested)).toMatchObject({
			reading: {
				scalp: 'irritated',
				strandTests: [{ date: storedVisit2.date, result: 'reacted' }]
			}
		});
		expect(lifted(storedClient2)).toMatchObject({ name: 'Yusra Halden', sensitivities: [] });
	});
	it('keeps the delay of the root in version 3, and gives the salon the usual ceilings', () => {
		const { rootDelayMinutes, ...lift } = storedVisit3.lift;
		expect(rootDelayMinutes).toBe(4);
		expect(lifted(storedVisit3)).toEqual({
			...storedVisit3,
			schemaVersion: SCHEMA_VERSION,
			lift: {
				...lift,
				startsAtMm: 5,
				delays: { root: 4, lengths: 0, ends: 0 },
				drawThroughMinutes: 0
			},
			before: [],
			after: [],
			ways: [],
			bowls: { ...storedVisit3.bowls, ...UNSTAGED }
		});
		expect(lifted(storedShelf3)).toMatchObject({
			limitMinutes: storedShelf3.limitMinutes,
			limits: {},
			pace: 'gentle',
			ceilings: USUAL_CEILINGS
		});
	});
	it('keeps the bowls of version 4 as they were: of one strength, from the nape up', () => {
		expect(lifted(storedVisit4)).toMatchObject({
			...storedVisit4,
			schemaVersion: SCHEMA_VERSION,
			bowls: { ...storedVisit4.bowls, ...UNSTAGED }
		});
		expect(lifted(storedShelf4)).toMatchObject({
			developers: storedShelf4.developers,
			scaleStep: 1,
			additive: { unit: 'g', amount: 1, perGrams: 10 }
		});
	});
	it('finds the bowls of version 5 by what their sections go by, and keeps the words of what is gone', () => {
		const visit = lifted(storedVisit5);
		if (visit.kind !== 'visit') throw new Error('no visit');
		const { mixed } = visit.bowls;
		expect(
			mixed.map(({ id, kind, step, sections, part, heldFor }) => ({
				id,
				kind,
				step,
				sections,
				part,
				heldFor
			}))
		).toEqual([
			{ id: 'main:nape', kind: 'lightener', step: 'main', sections: ['nape', 'back-1'] },
			{
				id: 'main:lengths:leftSide',
				kind: 'lightener',
				step: 'main',
				sections: ['leftSide', 'crown'],
				part: 'lengths'
			},
			{ id: 'weighed:3', kind: 'lightener', step: 'main', sections: [], heldFor: ['fringe'] },
			{ id: 'again-1:1', kind: 'lightener', step: 'again-1', sections: [] },
			{ id: 'toner', kind: 'toner', sections: [] }
		]);
		expect(mixed[0]!.parts.map(({ key }) => key)).toEqual([
			'lightener',
			'developer:10',
			'developer:20',
			'additive'
		]);
		expect(mixed[1]!.parts.map(({ key }) => key)).toEqual(['lightener', 'second', 'developer:20']);
		expect(mixed[4]!.parts.map(({ key }) => key)).toEqual(['colour:9V', 'developer:7']);
		const grams = (bowls: readonly { parts: readonly { grams: number }[] }[]) =>
			bowls.flatMap(({ parts }) => parts.map((part) => part.grams));
		expect(grams(mixed)).toEqual(grams(storedVisit5.bowls.mixed));
	});
	it('finds proposed sections by their names too', () => {
		const bowls: Partial<typeof storedVisit5.bowls> = { ...storedVisit5.bowls };
		delete bowls.sections;
		const proposed = {
			...storedVisit5,
			bowls: { ...bowls, mixed: [{ ...bowls.mixed![0]!, sections: ['left side', 'back 2'] }] }
		};
		const visit = lifted(proposed);
		expect(visit.kind === 'visit' && visit.bowls.mixed[0]!.sections).toEqual([
			'leftSide',
			'back-2'
		]);
	});
	it('keeps the strength of the lift in bowls of version 6, and marks levels that nobody may have seen', () => {
		expect(lifted(storedVisit6)).toEqual({
			...storedVisit6,
			schemaVersion: SCHEMA_VERSION,
			lift: { ...storedVisit6.lift, startsAtMm: 5 },
			bowls: { ...storedVisit6.bowls, aboveChosen: false },
			result: { ...storedVisit6.result, unsure: true }
		});
		const { level, ...unseen } = storedVisit6.result;
		expect(level).toBe(8.4);
		expect(lifted({ ...storedVisit6, result: unseen })).toMatchObject({ result: unseen });
		expect(lifted({ ...storedVisit6, result: unseen })).not.toHaveProperty('result.unsure');
	});
	it('gives the shelf of version 6 a ring without swatches, and the usual levels', () => {
		expect(lifted(storedShelf6)).toEqual({
			...storedShelf6,
			schemaVersion: SCHEMA_VERSION,
			ring: []
		});
	});
	it('keeps, of version 7, where work had gone over lightened hair, and lets the rest protect itself', () => {
		const overlap = {
			reason: 'Worked before a reason was asked for.',
			volume: storedVisit7.lift.volume
		};
		expect(lifted(storedVisit7)).toEqual({
			...storedVisit7,
			schemaVersion: SCHEMA_VERSION,
			lift: { ...storedVisit7.lift, startsAtMm: 5, overlap }
		});
		// What was called on the scalp lay on it.
		const lift = { ...storedVisit7.lift, placement: 'onScalp' };
		expect(lifted({ ...storedVisit7, lift })).toMatchObject({ lift: { startsAtMm: 0 } });
		const { recordedAt, ...open } = storedVisit7.result;
		expect(recordedAt).toBeDefined();
		const waiting = { ...storedVisit7, result: open, run: { elapsedSeconds: 0, notes: [] } };
		expect(lifted(waiting)).not.toHaveProperty('lift.overlap');
		const untouched = { ...storedVisit7, reading: storedVisit6.reading };
		expect(lifted(untouched)).not.toHaveProperty('lift.overlap');
		const onAnArea = {
			...untouched,
			reading: { ...storedVisit6.reading, areas: { nape: { zones: storedVisit7.reading.zones } } }
		};
		expect(lifted(onAnArea)).toHaveProperty('lift.overlap', overlap);
	});
	it('clocks: the timer of a toner stands with the others', () => {
		const timer = { of: 'toner', elapsedSeconds: 240, startedAt: '2026-09-01T10:00:00.000Z' };
		const { tone, run } = storedVisit7;
		const visit = { ...storedVisit7, lift: { ...storedVisit7.lift, startsAtMm: 5 } };
		expect(lifted({ ...visit, schemaVersion: 8, tone: { ...tone, timer } })).toEqual({
			...visit,
			schemaVersion: SCHEMA_VERSION,
			run: { ...run, clocks: [timer] }
		});
	});
	it('refuses what is newer, and what is no document', () => {
		expect(migrate({ schemaVersion: SCHEMA_VERSION + 1 })).toEqual({ ok: false, problem: 'newer' });
		for (const value of [null, 3, 'x', [], {}, { schemaVersion: '1' }, { schemaVersion: 0 }]) {
			expect(migrate(value)).toEqual({ ok: false, problem: 'notADocument' });
		}
	});
});

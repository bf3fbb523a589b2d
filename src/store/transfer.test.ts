import { momentIn } from '../model/time';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
	visit as visitSchema,
	type AnyDocument,
	type Client,
	type Picture,
	type Visit
} from '../schema/records';
import { demoDocuments } from './demo/documents';
import storedVisit5 from '../schema/stored/visit.v5.json';
import { plainShelf } from './demo/shelf';
import { exportRecords, previewImport } from './transfer';

const NOW = new Date('2026-03-02T10:00:00Z');
const demo = demoDocuments(momentIn(NOW, 'Etc/UTC'));
const text = async (documents: readonly AnyDocument[]) =>
	JSON.stringify(await exportRecords({ all: documents }, NOW));
const read = (content: string, present: readonly AnyDocument[] = []) => {
	const outcome = previewImport(content, present);
	if (!outcome.ok) throw new Error(outcome.message);
	return outcome.preview;
};
const byKey = (documents: readonly AnyDocument[]) =>
	[...documents].sort((p, q) => `${p.kind}${p.id}`.localeCompare(`${q.kind}${q.id}`));

describe('export then import', () => {
	it('is the identity on the demo', async () => {
		expect(byKey(read(await text(demo)).added)).toEqual(byKey(demo));
	});

	it('is the identity on any client and visit', async () => {
		const base = demo.find((d): d is Client => d.kind === 'client')!;
		const visit = demo.find((d): d is Visit => d.kind === 'visit' && d.clientId === base.id)!;
		await fc.assert(
			fc.asyncProperty(
				fc.string({ minLength: 1, maxLength: 60 }),
				fc.string({ maxLength: 200 }),
				fc.double({ min: 1, max: 10, noNaN: true }),
				fc.array(
					fc.record({
						minute: fc.integer({ min: 0, max: 90 }),
						level: fc.double({ min: 1, max: 12, noNaN: true })
					}),
					{ maxLength: 6 }
				),
				async (name, note, naturalLevel, notes) => {
					const documents: AnyDocument[] = [
						{ ...base, name, note },
						visitSchema.parse({
							...visit,
							reading: { ...visit.reading, naturalLevel },
							run: {
								...visit.run,
								notes: notes.map((entry, i) => ({
									...entry,
									id: `n${i}`,
									zone: 'root',
									text: note.slice(0, 100)
								}))
							}
						})
					];
					expect(byKey(read(await text(documents)).added)).toEqual(byKey(documents));
				}
			)
		);
	});

	it('of one client leaves the others and the shelf out', async () => {
		const file = await exportRecords({ all: demo }, NOW, 'anneke-rill');
		const visits = demo.filter((each) => each.kind === 'visit' && each.clientId === 'anneke-rill');
		expect(file.documents.filter(({ kind }) => kind === 'visit')).toHaveLength(visits.length);
		expect(file.documents.filter(({ kind }) => kind !== 'visit').map(({ id }) => id)).toEqual([
			'anneke-rill'
		]);
	});
});

describe('pictures and what was set aside', () => {
	const visit = demo.find((d): d is Visit => d.kind === 'visit')!;
	const picture: Picture = {
		...visit,
		kind: 'picture',
		id: 'p1',
		image: new Blob([Uint8Array.from([255, 216, 255, 0, 7, 200])], { type: 'image/jpeg' })
	};
	const withPicture = { ...visit, reading: { ...visit.reading, picture: 'p1' } };
	it('leave as text and come back to the byte, with the client they are of', async () => {
		const { id, clientId } = visit;
		const all = [...demo.filter((d) => d.id !== id), withPicture, picture];
		const file = await exportRecords({ all }, NOW, clientId);
		expect(file.documents.filter(({ kind }) => kind === 'picture')).toHaveLength(1);
		const [back] = read(JSON.stringify(file)).added.filter((d) => d.kind === 'picture');
		expect([...new Uint8Array(await back!.image.arrayBuffer())]).toEqual([
			255, 216, 255, 0, 7, 200
		]);
	});
	it('leave with the file and are told of in its preview', async () => {
		const aside = [{ key: 'client:x', reason: 'does not fit', value: { name: 7 } }];
		const file = await exportRecords({ all: demo, aside }, NOW);
		expect(read(JSON.stringify(file)).aside).toEqual(aside);
	});
	it('in a file of version 5 the picture becomes a document of its own', () => {
		const old = {
			...storedVisit5,
			reading: { ...storedVisit5.reading, picture: 'data:image/jpeg;base64,/9j/AA==' }
		};
		const client = demo.find((d) => d.kind === 'client')!;
		const { added } = read(
			JSON.stringify({
				format: 'zelvant-records',
				version: 1,
				documents: [client, { ...old, clientId: client.id }]
			})
		);
		const visits = added.filter((d): d is Visit => d.kind === 'visit');
		expect(added.map(({ kind }) => kind).sort()).toEqual(['client', 'picture', 'visit']);
		expect(added.some(({ id }) => id === visits[0]!.reading.picture)).toBe(true);
	});
});

describe('preview of an import', () => {
	it('tells added, changed and same apart, whatever the order of fields', async () => {
		const [first, ...rest] = demo;
		const shuffled = Object.fromEntries(Object.entries(first!).reverse()) as AnyDocument;
		const changed = rest.map((d) =>
			d.kind === 'client' && d.id === 'anneke-rill' ? { ...d, note: 'other' } : d
		);
		const preview = read(await text(demo), [shuffled, ...changed.slice(0, -1)]);
		expect(preview.same.length).toBe(demo.length - 2);
		expect(preview.changed.map(({ id }) => id)).toEqual(['anneke-rill']);
		expect(preview.added).toHaveLength(1);
	});

	it('refuses single documents that do not fit, and says which and why', async () => {
		const file = (await exportRecords({ all: demo }, NOW)) as unknown as {
			documents: Record<string, unknown>[];
		};
		file.documents.push(
			{ ...plainShelf(NOW), id: 'two', developers: [900] },
			{ kind: 'client', schemaVersion: 99, id: 'n', name: 'New One' },
			{ ...demo[0]! }
		);
		file.documents.push({
			...(demo.find(({ kind }) => kind === 'visit') as Visit),
			id: 'lost',
			clientId: 'nobody'
		});
		const preview = read(JSON.stringify(file));
		expect(preview.added).toHaveLength(demo.length);
		expect(preview.refused.map(({ why }) => why).join('|')).toMatch(
			/developers.*newer.*twice.*client/
		);
	});

	it.each([
		['damaged', '{"format":"zelvant-records","docum'],
		['damaged', ''],
		['damaged', '\u0000\u0001PNG'],
		['foreign', '[]'],
		['foreign', 'null'],
		['foreign', '{"name":"something else"}'],
		['newer', '{"format":"zelvant-records","version":2,"documents":[]}']
	])('of a %s file is a message, not a change: %s', (problem, content) => {
		const outcome = previewImport(content, demo);
		expect(outcome).toMatchObject({ ok: false, problem });
		expect(!outcome.ok && outcome.message).toContain('Nothing was changed');
	});

	it('never throws, whatever the file holds', () => {
		fc.assert(
			fc.property(fc.anything(), (value) => {
				const content = JSON.stringify({
					format: 'zelvant-records',
					version: 1,
					documents: [value]
				});
				expect(() => previewImport(content, demo)).not.toThrow();
			})
		);
	});
});

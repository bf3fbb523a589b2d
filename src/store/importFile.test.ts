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
import { keyOf } from '../model/identity';
import { demoDocuments } from '../testing/demoDocuments';
import storedVisit5 from '../schema/stored/visit.v5.json';
import { plainShelf } from '../model/demo/shelf';
import { exportRecords, keysOfClient, type Exported } from './exportFile';
import { previewImport, wantedOf, type ImportPreview } from './importFile';
import type { SetAside } from './readDocument';
import { MOST_READ_WHOLE } from './recordsFile';

const NOW = new Date('2026-03-02T10:00:00Z');
const demo = demoDocuments(momentIn(NOW, 'Etc/UTC'));
/** Records as a workspace walks them. */
function records(documents: readonly AnyDocument[], aside: readonly SetAside[] = []) {
	return {
		aside,
		clients: { has: (id: string) => documents.some((d) => d.kind === 'client' && d.id === id) },
		async *walk(only?: readonly string[]) {
			for (const document of documents) {
				if (!only || only.includes(keyOf(document))) {
					yield await Promise.resolve({ document, share: 1 });
				}
			}
		}
	} satisfies Exported & { clients: unknown };
}
const fileOf = async (documents: readonly AnyDocument[], aside?: readonly SetAside[]) =>
	(await exportRecords(records(documents, aside), NOW))!;
interface Content {
	documents: (Record<string, unknown> & AnyDocument)[];
}
const contentOf = async (file: Blob) => JSON.parse(await file.text()) as Content;
const blobOf = (value: unknown) => new Blob([JSON.stringify(value)]);
async function read(file: Blob, present: readonly AnyDocument[] = []): Promise<ImportPreview> {
	const outcome = await previewImport(file, records(present));
	if (!outcome?.ok) throw new Error(outcome?.message ?? 'stopped');
	return outcome.preview;
}
/** Documents of a file that would be added, as they would be stored. */
async function added(file: Blob, present: readonly AnyDocument[] = []): Promise<AnyDocument[]> {
	const preview = await read(file, present);
	const all: AnyDocument[] = [];
	for await (const part of wantedOf(file, new Set(preview.added.map(({ key }) => key)))) {
		all.push(...part);
	}
	return all;
}
const byKey = (documents: readonly AnyDocument[]) =>
	[...documents].sort((p, q) => `${p.kind}${p.id}`.localeCompare(`${q.kind}${q.id}`));

describe('export then import', () => {
	it('is the identity on the demo', async () => {
		expect(byKey(await added(await fileOf(demo)))).toEqual(byKey(demo));
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
					expect(byKey(await added(await fileOf(documents)))).toEqual(byKey(documents));
				}
			)
		);
	});

	it('of one client leaves the others and the shelf out', async () => {
		const visits = demo.filter(
			(each): each is Visit => each.kind === 'visit' && each.clientId === 'anneke-rill'
		);
		const keys = keysOfClient('anneke-rill', visits);
		const file = await contentOf((await exportRecords(records(demo), NOW, keys))!);
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
		const visits = all.filter((d): d is Visit => d.kind === 'visit' && d.clientId === clientId);
		const file = (await exportRecords(records(all), NOW, keysOfClient(clientId, visits)))!;
		const { documents } = await contentOf(file);
		expect(documents.filter(({ kind }) => kind === 'picture')).toHaveLength(1);
		const [back] = (await added(file)).filter((d) => d.kind === 'picture');
		expect([...new Uint8Array(await back!.image.arrayBuffer())]).toEqual([
			255, 216, 255, 0, 7, 200
		]);
	});
	it('leave with the file and are told of in its preview', async () => {
		const aside = [{ key: 'client:x', reason: 'does not fit', value: { name: 7 } }];
		expect((await read(await fileOf(demo, aside))).aside).toEqual(aside);
	});
	it('in a file of version 5 the picture becomes a document of its own', async () => {
		const old = {
			...storedVisit5,
			reading: { ...storedVisit5.reading, picture: 'data:image/jpeg;base64,/9j/AA==' }
		};
		const client = demo.find((d) => d.kind === 'client')!;
		const file = blobOf({
			format: 'zelvant-records',
			version: 1,
			documents: [client, { ...old, clientId: client.id }]
		});
		const all = await added(file);
		const visits = all.filter((d): d is Visit => d.kind === 'visit');
		expect(all.map(({ kind }) => kind).sort()).toEqual(['client', 'picture', 'visit']);
		expect(all.some(({ id }) => id === visits[0]!.reading.picture)).toBe(true);
		expect((await read(file)).added).toHaveLength(3);
	});
});

describe('preview of an import', () => {
	it('tells added, changed and same apart, whatever the order of fields', async () => {
		const [first, ...rest] = demo;
		const shuffled = Object.fromEntries(Object.entries(first!).reverse()) as AnyDocument;
		const changed = rest.map((d) =>
			d.kind === 'client' && d.id === 'anneke-rill' ? { ...d, note: 'other' } : d
		);
		const preview = await read(await fileOf(demo), [shuffled, ...changed.slice(0, -1)]);
		expect(preview.same).toBe(demo.length - 2);
		expect(preview.changed.map(({ key }) => key)).toEqual(['client:anneke-rill']);
		expect(preview.added).toHaveLength(1);
	});

	it('takes visits whose client is here already, and of a file without them refuses', async () => {
		const visit = demo.find((d): d is Visit => d.kind === 'visit')!;
		const client = demo.find(({ id }) => id === visit.clientId)!;
		const file = await fileOf([visit]);
		expect((await read(file, [client])).added).toHaveLength(1);
		const alone = await read(file);
		expect(alone.added).toEqual([]);
		expect(alone.refused).toHaveLength(1);
	});
	it('refuses single documents that do not fit, and says which and why', async () => {
		const file = (await contentOf(await fileOf(demo))) as unknown as {
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
		const preview = await read(blobOf(file));
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
	])('of a %s file is a message, not a change: %s', async (problem, content) => {
		const outcome = await previewImport(new Blob([content]), records(demo));
		expect(outcome).toMatchObject({ ok: false, problem });
		expect(outcome && !outcome.ok && outcome.message).toContain('Nothing was changed');
	});
	it('of a file that is cut off at any line, or within one, is a message', async () => {
		const some = demo.slice(0, 6);
		const text = await (await fileOf(some)).text();
		for (let share = 0.1; share < 1; share += 0.05) {
			const cut = new Blob([text.slice(0, Math.floor(text.length * share))]);
			expect(await previewImport(cut, records([])), `${share}`).toMatchObject({
				ok: false,
				problem: 'damaged'
			});
		}
		const lines = text.split('\n');
		const cut = new Blob([`${lines.slice(0, 4).join('\n')}\n`]);
		expect(await previewImport(cut, records([]))).toMatchObject({ ok: false, problem: 'damaged' });
	});
	it('of a file in another layout is the same, as long as it need not be read whole', async () => {
		const file = await fileOf(demo);
		const pretty = new Blob([JSON.stringify(JSON.parse(await file.text()), null, '\t')]);
		expect(await read(pretty)).toEqual(await read(file));
		const huge = new Blob([' '.repeat(MOST_READ_WHOLE + 1)]);
		expect(await previewImport(huge, records([]))).toMatchObject({ problem: 'tooLarge' });
	});
	it('and an export, come to an end when they are stopped', async () => {
		const file = await fileOf(demo);
		const { signal } = { signal: AbortSignal.abort() };
		expect(await previewImport(file, records([]), { signal })).toBeUndefined();
		expect(await exportRecords(records(demo), NOW, undefined, { signal })).toBeUndefined();
		const stopping = new AbortController();
		const shares: number[] = [];
		const onprogress = (share: number) => {
			shares.push(share);
			stopping.abort();
		};
		const many = Array.from({ length: 900 }, (_, i) => ({ ...demo[0]!, id: `c${i}` }));
		const all = await fileOf(many);
		const keys = new Set(many.map(keyOf));
		let came = 0;
		for await (const part of wantedOf(all, keys, { signal: stopping.signal, onprogress })) {
			came += part.length;
		}
		expect(came).toBe(200);
		expect(shares[0]).toBeGreaterThan(0.1);
		expect(shares[0]).toBeLessThan(0.4);
	});

	it('never throws, whatever the file holds', async () => {
		await fc.assert(
			fc.asyncProperty(fc.anything(), async (value) => {
				const file = blobOf({ format: 'zelvant-records', version: 1, documents: [value] });
				await previewImport(file, records(demo.slice(0, 3)));
			})
		);
	});
});

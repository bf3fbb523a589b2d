import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { visit as visitSchema, type AnyDocument, type Client, type Visit } from '../schema/records';
import { demoDocuments } from './demo/documents';
import { plainShelf } from './demo/shelf';
import { exportRecords, previewImport } from './transfer';

const NOW = new Date('2026-03-02T10:00:00Z');
const demo = demoDocuments(NOW);
const text = (documents: readonly AnyDocument[]) => JSON.stringify(exportRecords(documents, NOW));
const read = (content: string, present: readonly AnyDocument[] = []) => {
	const outcome = previewImport(content, present);
	if (!outcome.ok) throw new Error(outcome.message);
	return outcome.preview;
};
const byKey = (documents: readonly AnyDocument[]) =>
	[...documents].sort((p, q) => `${p.kind}${p.id}`.localeCompare(`${q.kind}${q.id}`));

describe('export then import', () => {
	it('is the identity on the demo', () => {
		expect(byKey(read(text(demo)).added)).toEqual(byKey(demo));
	});

	it('is the identity on any client and visit', () => {
		const base = demo.find((d): d is Client => d.kind === 'client')!;
		const visit = demo.find((d): d is Visit => d.kind === 'visit' && d.clientId === base.id)!;
		fc.assert(
			fc.property(
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
				(name, note, naturalLevel, notes) => {
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
					expect(byKey(read(text(documents)).added)).toEqual(byKey(documents));
				}
			)
		);
	});

	it('of one client leaves the others and the shelf out', () => {
		const file = exportRecords(demo, NOW, 'anneke-rill');
		expect(file.documents.map(({ kind }) => kind).sort()).toEqual(['client', 'visit']);
	});
});

describe('preview of an import', () => {
	it('tells added, changed and same apart, whatever the order of fields', () => {
		const [first, ...rest] = demo;
		const shuffled = Object.fromEntries(Object.entries(first!).reverse()) as AnyDocument;
		const changed = rest.map((d) =>
			d.kind === 'client' && d.id === 'anneke-rill' ? { ...d, note: 'other' } : d
		);
		const preview = read(text(demo), [shuffled, ...changed.slice(0, -1)]);
		expect(preview.same.length).toBe(demo.length - 2);
		expect(preview.changed.map(({ id }) => id)).toEqual(['anneke-rill']);
		expect(preview.added).toHaveLength(1);
	});

	it('refuses single documents that do not fit, and says which and why', () => {
		const file = exportRecords(demo, NOW) as unknown as { documents: Record<string, unknown>[] };
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

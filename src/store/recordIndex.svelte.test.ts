import fc from 'fast-check';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { keyOf } from '../model/identity';
import { cardOf } from '../model/index/card';
import { leafOf } from '../model/index/leaf';
import { momentIn } from '../model/time';
import type { AnyDocument, Client, Visit } from '../schema/records';
import { demoDocuments } from '../testing/demoDocuments';
import { JournalledStore } from './journalledStore';
import { memoryStore, type KeyValueStore } from './keyValue';
import { Workspace } from './workspace.svelte';

const NOW = new Date('2026-03-02T10:00:00Z');
const demo = demoDocuments(momentIn(NOW, 'Etc/UTC'));
const visits = demo.filter((document): document is Visit => document.kind === 'visit');
const client = demo.find((document): document is Client => document.kind === 'client')!;

/** A disk with windows on it; it tells which documents were read one by one. */
function disk(documents: readonly AnyDocument[] = demo) {
	const stores = [
		memoryStore(documents.map((document) => [keyOf(document), document])),
		memoryStore(),
		memoryStore()
	] as const;
	const read: string[] = [];
	const told: KeyValueStore = {
		...stores[0],
		get: (key) => {
			read.push(key);
			return stores[0].get(key);
		}
	};
	return {
		documents: stores[0],
		index: stores[2],
		journal: stores[1],
		read,
		async open() {
			const store = new JournalledStore(told, stores[1], stores[2], (work) => work());
			const workspace = new Workspace(store, { now: () => NOW });
			await workspace.open();
			return workspace;
		}
	};
}
/** What stands in an index, by its keys, but what it says of the batch. */
async function pages(index: KeyValueStore): Promise<Map<string, unknown[]>> {
	const all = new Map<string, unknown[]>();
	await index.each('m', (value, key) => {
		const found = (typeof value === 'string' ? JSON.parse(value) : value) as unknown[];
		const page = [...(found as { id?: string; visitId?: string }[])];
		all.set(
			key,
			page.sort((p, q) => (p.id ?? p.visitId)!.localeCompare((q.id ?? q.visitId)!))
		);
	});
	return all;
}
/** The index as it is made from nothing. */
async function madeAnew(place: ReturnType<typeof disk>) {
	const all: AnyDocument[] = [];
	await place.documents.each('~', (value) => all.push(value as AnyDocument));
	const other = disk(all);
	await other.open();
	return pages(other.index);
}
async function* inParts(documents: readonly AnyDocument[], size: number) {
	for (let i = 0; i < documents.length; i += size) {
		yield await Promise.resolve(documents.slice(i, i + size));
	}
}

describe('the index beside the documents', () => {
	let place: ReturnType<typeof disk>;
	beforeEach(async () => {
		place = disk();
		await place.open();
		place.read.length = 0;
	});

	it('opens the records without reading a visit, and knows all of them', async () => {
		const workspace = await place.open();
		expect(place.read.filter((key) => key.startsWith('visit:'))).toEqual([]);
		expect(workspace.visits.size).toBe(0);
		expect(workspace.cards.size).toBe(visits.length);
		expect(workspace.clients.size).toBeGreaterThan(40);
		for (const visit of visits) expect(workspace.cards.get(visit.id)).toStrictEqual(cardOf(visit));
	});
	it('reads the visits of whoever is asked for, and no others', async () => {
		const workspace = await place.open();
		place.read.length = 0;
		expect(workspace.isRead(client.id)).toBe(false);
		await workspace.readVisitsOf(client.id);
		expect(workspace.isRead(client.id)).toBe(true);
		const own = visits.filter(({ clientId }) => clientId === client.id);
		expect(workspace.visitsOf(client.id)).toHaveLength(own.length);
		expect(place.read.sort()).toEqual(own.map(keyOf).sort());
	});
	it('a visit that was not read is never changed or removed blindly', async () => {
		const workspace = await place.open();
		const { id } = visits[0]!;
		expect(() => workspace.transact('x', (draft) => (draft.visit(id).lift.minutes = 9))).toThrow(
			'not read'
		);
		expect(() => workspace.transact('x', (draft) => draft.remove({ kind: 'visit', id }))).toThrow(
			'not read'
		);
		expect(workspace.saveState.status).toBe('saved');
	});
	it('after any changes is what it would be if it were made anew', async () => {
		await fc.assert(
			fc.asyncProperty(
				fc.array(
					fc.record({
						which: fc.nat(visits.length - 1),
						act: fc.constantFrom('day', 'end', 'remove', 'again', 'undo'),
						day: fc.integer({ min: 1, max: 28 })
					}),
					{ minLength: 1, maxLength: 12 }
				),
				async (steps) => {
					const own = disk();
					const workspace = await own.open();
					for (const { which, act, day } of steps) {
						const visit = visits[which]!;
						await workspace.readVisitsOf(visit.clientId);
						const date = `2026-02-${String(day).padStart(2, '0')}`;
						if (act === 'undo') workspace.undo();
						else if (act === 'again') {
							workspace.transact('new', (draft) =>
								draft.put({ ...visit, id: `n${day}`, date, clientId: client.id })
							);
							await workspace.flush();
						} else if (workspace.visits.has(visit.id)) {
							workspace.transact(act, (draft) => {
								if (act === 'remove') draft.remove(visit);
								else if (act === 'day') draft.visit(visit.id).date = date;
								else draft.visit(visit.id).result.notes = date;
							});
							if (day % 2 === 0) await workspace.flush();
						}
					}
					await workspace.flush();
					expect(await pages(own.index)).toEqual(await madeAnew(own));
					own.read.length = 0;
					await own.open();
					expect(own.read.filter((key) => key.startsWith('visit:'))).toEqual([]);
				}
			),
			{ numRuns: 30 }
		);
	});
	it.each([
		['a window of an earlier Zelvant wrote', { sequence: 7 }],
		['it is of an earlier version', { version: '0' }],
		['it is no index at all', { aside: 'x' }]
	])('is made anew where %s', async (_, change) => {
		const meta = (await place.index.get('meta')) as object;
		await place.index.set('meta', { ...meta, ...change });
		await place.index.set('card:1999-01', '[{"id":"ghost"}]');
		const workspace = await place.open();
		expect(workspace.cards.size).toBe(visits.length);
		expect(workspace.cards.has('ghost')).toBe(false);
		expect(await pages(place.index)).toEqual(await madeAnew(place));
	});
	it('is made anew a while after opening where somebody put documents beside it', async () => {
		const other = { ...visits[0]!, id: 'put-there' };
		await place.documents.set('visit:put-there', other);
		await place.documents.set('visit:broken', { kind: 'visit' });
		vi.useFakeTimers();
		const workspace = await place.open();
		expect(workspace.cards.has('put-there')).toBe(false);
		await vi.advanceTimersByTimeAsync(4000);
		vi.useRealTimers();
		expect(workspace.cards.has('put-there')).toBe(true);
		expect(workspace.aside.map(({ key }) => key)).toEqual(['visit:broken']);
		expect(await pages(place.index)).toEqual(await madeAnew(place));
	});
	it('is done without where the disk has no room for it', async () => {
		const full = disk();
		full.index.set = () => Promise.reject(new DOMException('full', 'QuotaExceededError'));
		const workspace = await full.open();
		expect(workspace.cards.size).toBe(visits.length);
		await workspace.book.read();
		expect(workspace.book.leaves).toHaveLength(visits.length);
	});
	it('a visit that turns out broken is set aside when it is read, and gone from the lists', async () => {
		const { id, clientId } = visits[0]!;
		await place.documents.set(`visit:${id}`, { kind: 'visit', id, schemaVersion: 99 });
		const workspace = await place.open();
		await workspace.readVisitsOf(clientId);
		expect(workspace.isRead(clientId)).toBe(true);
		expect(workspace.cards.has(id)).toBe(false);
		expect(workspace.aside.map(({ key }) => key)).toEqual([`visit:${id}`]);
	});
});

describe('the book', () => {
	it('holds the leaves of all visits once it is asked for, the latest first, and follows', async () => {
		const place = disk();
		await place.open();
		const workspace = await place.open();
		expect(workspace.book.leaves).toEqual([]);
		await workspace.book.read();
		const { leaves } = workspace.book;
		expect(leaves.map(({ visitId }) => visitId).sort()).toEqual(visits.map(({ id }) => id).sort());
		expect(leaves.map(({ date }) => date)).toEqual(
			leaves
				.map(({ date }) => date)
				.sort()
				.reverse()
		);
		const [visit] = visits as [Visit];
		expect(leaves.find(({ visitId }) => visitId === visit.id)).toEqual(leafOf(visit));
		await workspace.readVisitsOf(visit.clientId);
		workspace.transact('end', (draft) => (draft.visit(visit.id).date = '2030-01-01'));
		expect(workspace.book.leaves[0]!.visitId).toBe(visit.id);
		workspace.transact('gone', (draft) => draft.remove(visit));
		expect(workspace.book.leaves).toHaveLength(visits.length - 1);
	});
});

describe('many documents', () => {
	it('come in part by part, unheld, with an index that is of them', async () => {
		const place = disk(demo.filter(({ kind }) => kind !== 'visit'));
		const workspace = await place.open();
		let cameIn = 0;
		await workspace.bringIn(inParts(visits, 17), (count) => (cameIn += count));
		expect(cameIn).toBe(visits.length);
		expect(workspace.visits.size).toBe(0);
		expect(workspace.cards.size).toBe(visits.length);
		expect(await pages(place.index)).toEqual(await madeAnew(place));
		place.read.length = 0;
		const next = await place.open();
		expect(place.read.filter((key) => key.startsWith('visit:'))).toEqual([]);
		expect(next.cards.size).toBe(visits.length);
	});
	it('are laid on what is there, also what is looked at, and move between days', async () => {
		const place = disk();
		const workspace = await place.open();
		const [first, second] = visits as [Visit, Visit];
		await workspace.readVisitsOf(first.clientId);
		const moved = [first, second].map((visit) => ({ ...visit, date: '2031-05-05' }));
		await workspace.bringIn(inParts(moved, 1));
		expect(workspace.visits.get(first.id)!.date).toBe('2031-05-05');
		expect(await pages(place.index)).toEqual(await madeAnew(place));
	});
	it('that end halfway leave what came in, and an index of it', async () => {
		const place = disk(demo.filter(({ kind }) => kind !== 'visit'));
		const workspace = await place.open();
		async function* cut() {
			yield visits.slice(0, 20);
			yield await Promise.reject<readonly AnyDocument[]>(new Error('unplugged'));
		}
		await expect(workspace.bringIn(cut())).rejects.toThrow('unplugged');
		expect(workspace.cards.size).toBe(20);
		expect(await pages(place.index)).toEqual(await madeAnew(place));
		expect((await place.open()).cards.size).toBe(20);
	});
	it('are walked as they are by now, also what is not stored yet and what was removed', async () => {
		const place = disk();
		const workspace = await place.open();
		const { id } = client;
		workspace.transact('note', (draft) => (draft.client(id).note = 'not stored yet'));
		await workspace.readVisitsOf(id);
		const gone = workspace.visitsOf(id)[0]!;
		workspace.transact('gone', (draft) => draft.remove(gone));
		const all = new Map<string, AnyDocument>();
		for await (const { document } of workspace.walk()) all.set(keyOf(document), document);
		expect(all.size).toBe(demo.length - 1);
		expect((all.get(keyOf(client)) as Client).note).toBe('not stored yet');
		expect(all.has(keyOf(gone))).toBe(false);
		expect(workspace.visits.size).toBeLessThan(20);
	});
});

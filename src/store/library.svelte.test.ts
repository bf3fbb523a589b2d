import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { demoDocuments } from './demo/documents';
import { memoryStore, type DocumentStore } from './documents';
import { keyOf } from '../model/identity';
import { localJournal } from './journal';
import { Library } from './library.svelte';
import type { Client } from '../schema/records';

const NOW = new Date('2026-03-02T10:00:00Z');
const demo = demoDocuments(NOW);
const client = demo.find((document): document is Client => document.kind === 'client')!;
const stored = (documents = demo) =>
	memoryStore(documents.map((document) => [keyOf(document), document]));

describe('library', () => {
	beforeEach(() => void vi.useFakeTimers());
	afterEach(() => {
		vi.useRealTimers();
		localStorage.clear();
	});

	it('opens what was stored', async () => {
		const library = new Library(stored());
		await library.open();
		expect(library.clients.size).toBe(9);
		expect(library.visits.size).toBe(10);
		expect(library.shelf?.lines.length).toBeGreaterThan(3);
	});

	it('writes many quick changes of one document once, and says when it is saved', async () => {
		const store = memoryStore();
		const write = vi.spyOn(store, 'write');
		const library = new Library(store);
		for (let i = 0; i < 20; i++) library.put({ ...client, note: `${i}` });
		expect(library.saveState.status).toBe('saving');
		expect(library.clients.get(client.id)?.note).toBe('19');
		await vi.advanceTimersByTimeAsync(300);
		expect(write).toHaveBeenCalledTimes(1);
		expect(library.saveState.status).toBe('saved');
	});

	it('replays what was changed when the tab died before the write', async () => {
		const store = stored();
		const journal = localJournal('z.', localStorage);
		const library = new Library(store, journal);
		await library.open();
		library.put({
			...client,
			note: 'written a moment before',
			updatedAt: '2026-03-02T11:00:00.000Z'
		});
		// The tab dies here: no timer runs any more.
		vi.clearAllTimers();
		const again = new Library(store, journal);
		await again.open();
		expect(again.clients.get(client.id)?.note).toBe('written a moment before');
		await again.flush();
		expect(journal.pending()).toEqual([]);
	});

	it('does not let an old journal entry overwrite what was saved later', async () => {
		const journal = localJournal('z.', localStorage);
		journal.note({ ...client, note: 'old', updatedAt: '2020-01-01T00:00:00.000Z' });
		const library = new Library(stored(), journal);
		await library.open();
		expect(library.clients.get(client.id)?.note).toBe(client.note);
		expect(journal.pending()).toEqual([]);
	});

	it('sets aside what does not fit, keeps it, and opens the rest', async () => {
		const store = stored();
		await store.write('client:broken', { ...client, id: 'broken', name: 7 });
		await store.write('client:newer', { ...client, id: 'newer', schemaVersion: 99 });
		await store.write('rubbish', 'text');
		const library = new Library(store);
		await library.open();
		expect(library.clients.size).toBe(9);
		expect(library.aside.map(({ key }) => key).sort()).toEqual([
			'client:broken',
			'client:newer',
			'rubbish'
		]);
		expect(library.aside.find(({ key }) => key === 'client:newer')?.reason).toContain('newer');
		expect((await store.readAll()).some(({ key }) => key === 'client:broken')).toBe(true);
	});

	it('says that the disk is full and keeps the change in the window', async () => {
		const full: DocumentStore = {
			...memoryStore(),
			write: () => Promise.reject(new DOMException('full', 'QuotaExceededError'))
		};
		const library = new Library(full);
		library.put(client);
		await vi.advanceTimersByTimeAsync(300);
		expect(library.saveState).toMatchObject({ status: 'failed' });
		expect(library.saveState.status === 'failed' && library.saveState.message).toContain('full');
		expect(library.clients.has(client.id)).toBe(true);
	});

	it('removes, and puts back what the caller kept', async () => {
		const store = stored();
		const library = new Library(store);
		await library.open();
		await library.remove(client);
		expect(library.clients.has(client.id)).toBe(false);
		expect((await store.readAll()).some(({ key }) => key === keyOf(client))).toBe(false);
		library.put(client);
		await library.flush();
		expect((await store.readAll()).some(({ key }) => key === keyOf(client))).toBe(true);
	});

	it('hears from another tab, but not over its own unsaved change', async () => {
		const channels: { onmessage: ((event: MessageEvent) => void) | null; sent: unknown[] }[] = [];
		const channel = () => {
			const one = {
				onmessage: null as ((event: MessageEvent) => void) | null,
				sent: [] as unknown[],
				postMessage(data: unknown) {
					one.sent.push(data);
					channels
						.filter((other) => other !== one)
						.forEach((other) => other.onmessage?.({ data } as MessageEvent));
				}
			};
			channels.push(one);
			return one as unknown as BroadcastChannel;
		};
		const store = stored();
		const [here, there] = [
			new Library(store, undefined, channel()),
			new Library(store, undefined, channel())
		];
		await Promise.all([here.open(), there.open()]);
		here.put({ ...client, note: 'from here' });
		await here.flush();
		expect(there.clients.get(client.id)?.note).toBe('from here');
		there.put({ ...client, note: 'unsaved there' });
		here.put({ ...client, note: 'again from here' });
		await here.flush();
		expect(there.clients.get(client.id)?.note).toBe('unsaved there');
		await here.remove(client);
		await there.flush();
	});
});

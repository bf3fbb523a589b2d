import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { keyOf } from '../model/identity';
import { keepPicture } from '../model/commands/picture';
import { momentIn } from '../model/time';
import { SCHEMA_VERSION, type AnyDocument, type Client, type Visit } from '../schema/records';
import storedVisit5 from '../schema/stored/visit.v5.json';
import { demoDocuments } from '../testing/demoDocuments';
import { JournalledStore } from './journalledStore';
import { memoryStore } from './keyValue';
import type { KeyValueStore } from './keyValue';
import { leaveNotes, takeNotes, watchNotes } from './notes';
import { replaceAll } from './open';
import { Workspace } from './workspace.svelte';

const NOW = new Date('2026-03-02T10:00:00Z');
const MOMENT = momentIn(NOW, 'Etc/UTC');
const demo = demoDocuments(MOMENT);
const clients = demo.filter(({ kind }) => kind === 'client').length;
const client = demo.find((document): document is Client => document.kind === 'client')!;
const visit = demo.find((document): document is Visit => document.kind === 'visit')!;

/** Channels that hear one another, as those of windows do. */
function channels() {
	const all: BroadcastChannel[] = [];
	return () => {
		const one = {
			onmessage: null as BroadcastChannel['onmessage'],
			postMessage(data: unknown) {
				for (const other of all) {
					if (other !== one) other.onmessage?.({ data: structuredClone(data) } as MessageEvent);
				}
			}
		} as unknown as BroadcastChannel;
		all.push(one);
		return one;
	};
}

const readAll = (workspace: Workspace) =>
	workspace.readVisits([...workspace.cards.values()].map(({ id }) => id));
/** Everything there is, read or not. */
async function everything(workspace: Workspace): Promise<AnyDocument[]> {
	const all: AnyDocument[] = [];
	for await (const { document } of workspace.walk()) all.push(document);
	return all;
}

/** One disk, on which windows are opened; a write may be made to fail. */
function disk(documents: readonly unknown[] = demo) {
	const rows = documents.map((d) => [keyOf(d as AnyDocument), d] as const);
	const [kept, journal, index] = [memoryStore(rows), memoryStore(), memoryStore()];
	let writes = 0;
	let refused: (write: number) => boolean = () => false;
	const failing = (store: KeyValueStore): KeyValueStore => ({
		...store,
		set: (key, value) =>
			refused(++writes)
				? Promise.reject(new DOMException('full', 'QuotaExceededError'))
				: store.set(key, value),
		remove: (key) =>
			refused(++writes)
				? Promise.reject(new DOMException('full', 'QuotaExceededError'))
				: store.remove(key)
	});
	let before: Promise<unknown> = Promise.resolve();
	const store = () =>
		new JournalledStore(failing(kept), failing(journal), failing(index), (work) => {
			const next = before.then(work, work);
			before = next.catch(() => undefined);
			return next;
		});
	const channel = channels();
	return {
		kept,
		journal,
		index,
		get writes() {
			return writes;
		},
		refuse: (when: (write: number) => boolean) => {
			writes = 0;
			refused = when;
		},
		async open(askToKeep?: () => Promise<boolean>) {
			const workspace = new Workspace(store(), { now: () => NOW, channel: channel(), askToKeep });
			await workspace.open();
			await readAll(workspace);
			return workspace;
		},
		/** A window that hears nothing of the others. */
		async openDeaf() {
			const workspace = new Workspace(new JournalledStore(kept, journal, index, (work) => work()), {
				now: () => NOW
			});
			await workspace.open();
			await readAll(workspace);
			return workspace;
		}
	};
}
const note = (workspace: Workspace, text: string) =>
	workspace.transact('note', (draft) => (draft.client(client.id).note = text));
const minutes = (workspace: Workspace, value: number) =>
	workspace.transact('minute', (draft) => (draft.visit(visit.id).lift.minutes = value));
const status = ({ saveState }: Workspace) => saveState.status;

describe('a workspace', () => {
	beforeEach(() => void vi.useFakeTimers());
	afterEach(() => {
		vi.useRealTimers();
		localStorage.clear();
	});

	it('opens what was stored', async () => {
		const workspace = await disk().open();
		expect(workspace.clients.size).toBe(clients);
		expect(workspace.visits.size).toBe(demo.filter(({ kind }) => kind === 'visit').length);
		expect(workspace.shelf?.lines.length).toBeGreaterThan(3);
	});
	it('goes on writing while the browser has not answered whether it keeps the records', async () => {
		const place = disk();
		const workspace = await place.open(() => new Promise(() => undefined));
		note(workspace, 'first');
		await vi.advanceTimersByTimeAsync(300);
		note(workspace, 'second');
		await vi.advanceTimersByTimeAsync(300);
		expect(((await place.kept.get(keyOf(client))) as Client).note).toBe('second');
		expect(status(workspace)).toBe('saved');
	});
	it('writes the first change at once, and what follows quickly together, however long it goes on', async () => {
		const place = disk();
		const workspace = await place.open();
		const before = place.writes;
		for (let i = 0; i < 20; i++) {
			note(workspace, `${i}`);
			await vi.advanceTimersByTimeAsync(20);
		}
		expect(status(workspace)).toBe('saving');
		const stored = (await place.kept.get(keyOf(client))) as Client;
		expect(Number(stored.note)).toBeGreaterThan(5);
		await vi.advanceTimersByTimeAsync(300);
		expect(((await place.kept.get(keyOf(client))) as Client).note).toBe('19');
		expect(status(workspace)).toBe('saved');
		expect(place.writes - before).toBeLessThan(20);
	});
	it('changes any number of documents as one step, taken back and done again as one', async () => {
		const workspace = await disk().open();
		const step = workspace.transact('both', (draft) => {
			draft.client(client.id).note = 'changed';
			draft.visit(visit.id).lift.minutes = 12;
			draft.remove({ kind: 'client', id: 'anneke-rill' });
		});
		expect(step).toBeDefined();
		expect(workspace.clients.has('anneke-rill')).toBe(false);
		expect(workspace.undo()).toBe('both');
		expect(workspace.clients.has('anneke-rill')).toBe(true);
		expect(workspace.visits.get(visit.id)!.lift.minutes).toBe(visit.lift.minutes);
		workspace.redo();
		expect(workspace.clients.get(client.id)!.note).toBe('changed');
		expect(workspace.clients.has('anneke-rill')).toBe(false);
	});
	it('takes back the last step of some documents, and leaves what came after it', async () => {
		const workspace = await disk().open();
		minutes(workspace, 12);
		const named = note(workspace, 'after');
		expect(workspace.undo([keyOf(visit)])).toBe('minute');
		expect(workspace.visits.get(visit.id)!.lift.minutes).toBe(visit.lift.minutes);
		expect(workspace.clients.get(client.id)!.note).toBe('after');
		workspace.transact('washes', (draft) => (draft.client(client.id).washesPerWeek = 6));
		workspace.undo(named);
		expect(workspace.clients.get(client.id)).toMatchObject({ note: client.note, washesPerWeek: 6 });
	});
	it('is one step for what is changed quickly under one label, and none for what changes nothing', async () => {
		const workspace = await disk().open();
		for (const value of [10, 11, 12]) minutes(workspace, value);
		expect(minutes(workspace, 12)).toBeUndefined();
		workspace.undo();
		expect(workspace.visits.get(visit.id)!.lift.minutes).toBe(visit.lift.minutes);
		expect(workspace.canUndo()).toBe(false);
	});
	it('sets aside what does not fit, keeps it, and opens the rest; a demo that is loaded leaves it', async () => {
		const place = disk();
		await place.kept.set('client:broken', { ...client, id: 'broken', name: 7 });
		await place.kept.set('client:newer', { ...client, id: 'newer', schemaVersion: 99 });
		await place.kept.set('rubbish', 'text');
		const workspace = await place.open();
		expect(workspace.clients.size).toBe(clients);
		const keys = ['client:broken', 'client:newer', 'rubbish'];
		expect(workspace.aside.map(({ key }) => key).sort()).toEqual(keys);
		expect(workspace.aside.find(({ key }) => key === 'client:newer')?.reason).toContain('newer');
		await replaceAll(workspace, 'demo loaded', demoDocuments(MOMENT));
		await workspace.flush();
		const again = await place.open();
		expect(again.aside.map(({ key }) => key).sort()).toEqual(keys);
	});
	it('has mornings at the bench and whoever practises at hand, also behind its index', async () => {
		const place = disk();
		const first = await place.open();
		await first.flush();
		for (const workspace of [first, await place.open()]) {
			expect([...workspace.learners.values()].map(({ name }) => name)).toEqual(['Pia Dorn']);
			expect(workspace.trials.size).toBe(1);
		}
		first.transact('answered', (draft) => (draft.learner('pia-dorn').name = 'Pia'));
		await first.flush();
		expect((await place.open()).learners.get('pia-dorn')!.name).toBe('Pia');
	});
	it('puts the picture of a version 5 in a document of its own, once', async () => {
		const reading = { ...storedVisit5.reading, picture: 'data:image/jpeg;base64,/9j/AA==' };
		const place = disk([client, { ...storedVisit5, clientId: client.id, reading }]);
		const workspace = await place.open();
		await workspace.flush();
		const kept = workspace.visits.get(storedVisit5.id)!.reading.picture!;
		expect(workspace.pictures.get(kept)!.image.size).toBe(4);
		expect(await place.kept.get(`picture:${kept}`)).toMatchObject({ kind: 'picture' });
		const again = await place.open();
		expect(status(again)).toBe('saved');
		expect(again.pictures.size).toBe(1);
	});
	it('takes over what an earlier Zelvant noted and did not store, through the migrations', async () => {
		const place = disk([client]);
		const old = { ...storedVisit5, clientId: client.id, updatedAt: '2026-11-24T10:00:00.000Z' };
		localStorage.setItem(`zelvant.journal.own.visit:${old.id}`, JSON.stringify(old));
		localStorage.setItem('zelvant.journal.own.client:half', '{"kind":"cli');
		const workspace = await place.open();
		await takeNotes(workspace, 'own', localStorage);
		await workspace.flush();
		await vi.advanceTimersByTimeAsync(1);
		expect(workspace.visits.has(old.id)).toBe(true);
		expect(await place.kept.get(`visit:${old.id}`)).toMatchObject({
			schemaVersion: SCHEMA_VERSION
		});
		expect(localStorage.length).toBe(0);
	});
});

describe('a page that closes', () => {
	afterEach(() => {
		localStorage.clear();
	});
	it('notes what is not stored yet, and the next one lays it on what is there by then', async () => {
		const place = disk();
		const [here, there] = [await place.open(), await place.open()];
		minutes(here, 12);
		here.transact('removed', (draft) => draft.remove({ kind: 'client', id: 'ruta-semmel' }));
		// Nothing of it is written before the page is gone.
		leaveNotes(here, 'demo', localStorage);
		there.transact('volume', (draft) => (draft.visit(visit.id).lift.volume = 30));
		await there.flush();
		const next = await disk(await everything(there)).open();
		await takeNotes(next, 'demo', localStorage);
		await next.flush();
		expect(next.visits.get(visit.id)!.lift).toMatchObject({ minutes: 12, volume: 30 });
		expect(next.clients.has('ruta-semmel')).toBe(false);
		await vi.waitFor(() => expect(localStorage.length).toBe(0));
	});
	it('may note what it had begun after the next one is open: that is taken over, unless it is stored meanwhile', async () => {
		vi.useFakeTimers();
		const place = disk();
		const [here, next] = [await place.open(), await disk().open()];
		const end = watchNotes(next, 'demo', localStorage);
		const key = `zelvant.journal.demo.${keyOf(visit)}`;
		const noted = (minute: number) => {
			minutes(here, minute);
			place.refuse(() => true);
			leaveNotes(here, 'demo', localStorage);
			const newValue = localStorage.getItem(key)!;
			dispatchEvent(new StorageEvent('storage', { key, newValue }));
		};
		noted(12);
		await vi.advanceTimersByTimeAsync(1000);
		expect(next.visits.get(visit.id)?.lift.minutes).not.toBe(12);
		await vi.advanceTimersByTimeAsync(1000);
		expect(next.visits.get(visit.id)!.lift.minutes).toBe(12);
		await next.flush();
		await vi.advanceTimersByTimeAsync(1);
		expect(localStorage.getItem(key)).toBeNull();
		noted(13);
		localStorage.removeItem(key);
		await vi.advanceTimersByTimeAsync(3000);
		expect(next.visits.get(visit.id)!.lift.minutes).toBe(12);
		end();
		noted(14);
		await vi.advanceTimersByTimeAsync(3000);
		expect(next.visits.get(visit.id)!.lift.minutes).toBe(12);
		vi.useRealTimers();
	});
	it('keeps a change made while an earlier one was on its way, whether that arrived or not', async () => {
		for (const arrives of [true, false]) {
			const place = disk();
			const here = await place.open();
			minutes(here, 12);
			const written = here.flush();
			minutes(here, 14);
			leaveNotes(here, 'demo', localStorage);
			const note = localStorage.getItem(`zelvant.journal.demo.${keyOf(visit)}`)!;
			const kept = arrives ? [...demo] : demo;
			await written;
			if (arrives) {
				const at = kept.findIndex((one) => one.id === visit.id);
				kept[at] = (JSON.parse(note) as { states: AnyDocument[] }).states[1]!;
			}
			localStorage.setItem(`zelvant.journal.demo.${keyOf(visit)}`, note);
			const next = await disk(kept).open();
			await takeNotes(next, 'demo', localStorage);
			expect(next.visits.get(visit.id)!.lift.minutes).toBe(14);
			expect(next.clashes).toEqual([]);
			await next.flush();
			await vi.waitFor(() => expect(localStorage.length).toBe(0));
		}
	});
	it('keeps a picture that was taken just before, stored or not, and shows it with its visit', async () => {
		for (const arrives of [true, false]) {
			localStorage.clear();
			const place = disk();
			const here = await place.open();
			await here.readVisits([visit.id]);
			const image = new Blob(['a picture'], { type: 'image/jpeg' });
			place.refuse(() => true);
			here.transact('picture', (draft) => keepPicture(draft, visit.id, image, NOW));
			const id = here.visits.get(visit.id)!.reading.picture!;
			await vi.waitFor(() => expect(here.textOf(`picture:${id}`)).toBeDefined());
			// The page is gone before anybody knows whether it was written.
			leaveNotes(here, 'demo', localStorage);
			const noted = Object.entries(localStorage) as [string, string][];
			expect(noted.some(([key]) => key.endsWith(`picture:${id}`))).toBe(true);
			if (arrives) {
				place.refuse(() => false);
				await here.flush();
			}
			expect(Boolean(await place.kept.get(`picture:${id}`))).toBe(arrives);
			place.refuse(() => false);
			for (const [key, value] of noted) localStorage.setItem(key, value);
			const next = await place.open();
			await takeNotes(next, 'demo', localStorage);
			expect(next.pictures.get(id)!.image.size).toBe(image.size);
			expect(next.visits.get(visit.id)!.reading.picture).toBe(id);
			await next.flush();
			await vi.waitFor(() => expect(localStorage.length).toBe(0));
			expect(next.textOf(`picture:${id}`)).toBeUndefined();
		}
	});
	it('a picture does not wait for the next write', async () => {
		const workspace = await disk().open();
		await workspace.readVisits([visit.id]);
		minutes(workspace, 12);
		await workspace.flush();
		const image = new Blob(['x'], { type: 'image/jpeg' });
		workspace.transact('picture', (draft) => keepPicture(draft, visit.id, image, NOW));
		await vi.waitFor(() => expect(status(workspace)).toBe('saved'), { timeout: 150, interval: 5 });
	});
	it('drops its notes where the page was only hidden and goes on', async () => {
		const workspace = await disk().open();
		minutes(workspace, 12);
		leaveNotes(workspace, 'demo', localStorage);
		expect(localStorage.length).toBe(1);
		await vi.waitFor(() => expect(localStorage.length).toBe(0));
	});
	it('notes nothing when all is stored', async () => {
		const workspace = await disk().open();
		minutes(workspace, 12);
		await workspace.flush();
		leaveNotes(workspace, 'demo', localStorage);
		expect(localStorage.length).toBe(0);
	});
});

describe('saving', () => {
	beforeEach(() => void vi.useFakeTimers());
	afterEach(() => void vi.useRealTimers());

	it('says that the disk is full until the very write succeeds, whatever else is written', async () => {
		const place = disk();
		const workspace = await place.open();
		place.refuse(() => true);
		note(workspace, 'first');
		await vi.advanceTimersByTimeAsync(300);
		expect(workspace.saveState).toMatchObject({ status: 'failed', problem: 'full' });
		minutes(workspace, 12);
		await vi.advanceTimersByTimeAsync(5000);
		expect(status(workspace)).toBe('failed');
		place.refuse(() => false);
		await vi.advanceTimersByTimeAsync(10_000);
		expect(status(workspace)).toBe('saved');
		expect(await place.kept.get(keyOf(client))).toMatchObject({ note: 'first' });
		expect(await place.kept.get(keyOf(visit))).toMatchObject({ lift: { minutes: 12 } });
	});
	it('says that storage does not answer, and that it is saved once it does', async () => {
		const place = disk();
		const workspace = await place.open();
		let answer = (): void => undefined;
		const { journal } = place;
		const set = journal.set.bind(journal);
		journal.set = () => new Promise((resolve) => (answer = resolve));
		note(workspace, 'silent');
		await vi.advanceTimersByTimeAsync(7000);
		expect(workspace.saveState).toMatchObject({ status: 'failed', problem: 'silent' });
		journal.set = set;
		answer();
		await vi.advanceTimersByTimeAsync(1000);
		expect(status(workspace)).toBe('saved');
	});
	it('an import refused at any one of its writes is told, tried again and loses nothing', async () => {
		// Every kind of write comes in forty documents: one refused among hundreds is no other.
		const some = demo.filter((_, i) => i % Math.ceil(demo.length / 40) === 0);
		const counting = disk([]);
		const first = await counting.open();
		counting.refuse(() => false);
		await replaceAll(first, 'import', some);
		await first.flush();
		const { writes } = counting;
		expect(writes).toBeGreaterThan(some.length);
		for (let bad = 1; bad <= writes; bad++) {
			const place = disk([]);
			const workspace = await place.open();
			place.refuse((write) => write === bad);
			await replaceAll(workspace, 'import', some);
			await workspace.flush();
			expect(status(workspace), `write ${bad}`).toBe('failed');
			await vi.advanceTimersByTimeAsync(10_000);
			expect(status(workspace), `write ${bad}`).toBe('saved');
			const again = await place.open();
			expect(await everything(again), `write ${bad}`).toHaveLength(some.length);
		}
	});
	it('a window killed at any one of its writes leaves all of an import, or nothing', async () => {
		const places = Array.from({ length: 26 }, () => disk([]));
		for (const [i, place] of places.entries()) {
			const workspace = await place.open();
			// From here on nothing is written any more, and nobody tries again.
			place.refuse((write) => write > i);
			await replaceAll(workspace, 'import', demo);
			await workspace.flush();
			vi.clearAllTimers();
			place.refuse(() => false);
			const next = await place.open();
			expect([0, demo.length], `killed after write ${i}`).toContain(
				(await everything(next)).length
			);
		}
	});
	it('opens on a full disk, with what a killed window had begun to write', async () => {
		const place = disk();
		const workspace = await place.open();
		place.refuse((write) => write > 1);
		note(workspace, 'begun');
		await workspace.flush();
		vi.clearAllTimers();
		place.refuse(() => true);
		const next = await place.open();
		expect(next.clients.get(client.id)!.note).toBe('begun');
		minutes(next, 12);
		await vi.advanceTimersByTimeAsync(300);
		expect(status(next)).toBe('failed');
		place.refuse(() => false);
		await vi.advanceTimersByTimeAsync(10_000);
		expect(status(next)).toBe('saved');
		const last = await place.open();
		expect(last.clients.get(client.id)!.note).toBe('begun');
		expect(last.visits.get(visit.id)!.lift.minutes).toBe(12);
	});
	it('what was removed stays removed when the window dies in the midst of it', async () => {
		for (let killed = 1; killed < 6; killed++) {
			const place = disk();
			const workspace = await place.open();
			place.refuse((write) => write > killed);
			workspace.transact('removed', (draft) => draft.remove(client));
			await workspace.flush();
			vi.clearAllTimers();
			place.refuse(() => false);
			const next = await place.open();
			expect(next.clients.has(client.id), `after ${killed}`).toBe(false);
		}
	});
});

describe('two windows', () => {
	it('both keep changes to different fields of one document, saved at the same moment', async () => {
		const place = disk();
		const [here, there] = [await place.open(), await place.open()];
		minutes(here, 12);
		there.transact('volume', (draft) => (draft.visit(visit.id).lift.volume = 30));
		await Promise.all([here.flush(), there.flush()]);
		await Promise.all([here.flush(), there.flush()]);
		for (const window of [here, there, await place.open()]) {
			expect(window.visits.get(visit.id)!.lift).toMatchObject({ minutes: 12, volume: 30 });
			expect(window.clashes).toEqual([]);
		}
	});
	it('show both where one field was changed in each, and keep the one that is asked for', async () => {
		const place = disk();
		const [here, there] = [await place.open(), await place.open()];
		minutes(here, 12);
		minutes(there, 44);
		await here.flush();
		await there.flush();
		const asked = [...here.clashes, ...there.clashes];
		expect(asked).toHaveLength(1);
		expect(asked[0]).toMatchObject({ path: ['lift', 'minutes'], mine: 44, theirs: 12 });
		there.keepMine(asked[0]!);
		await there.flush();
		expect(there.clashes).toEqual([]);
		for (const window of [here, there, await place.open()]) {
			expect(window.visits.get(visit.id)!.lift.minutes).toBe(44);
		}
	});
	it('undo in one leaves what the other has saved', async () => {
		const place = disk();
		const [here, there] = [await place.open(), await place.open()];
		minutes(here, 12);
		await here.flush();
		there.transact('volume', (draft) => (draft.visit(visit.id).lift.volume = 30));
		await there.flush();
		here.undo();
		await here.flush();
		for (const window of [here, there]) {
			expect(window.visits.get(visit.id)!.lift).toMatchObject({
				minutes: visit.lift.minutes,
				volume: 30
			});
		}
	});
	it('catch up on what was missed when no word of it came', async () => {
		const place = disk();
		const here = await place.open();
		const deaf = await place.openDeaf();
		note(here, 'from here');
		await here.flush();
		minutes(deaf, 12);
		await deaf.flush();
		expect(deaf.clients.get(client.id)!.note).toBe('from here');
		minutes(here, 12);
		await here.flush();
		expect((await place.open()).clients.get(client.id)!.note).toBe('from here');
	});
	it('catch up later where what the other stored could not be read', async () => {
		vi.useFakeTimers();
		const place = disk();
		const here = await place.open();
		const deaf = await place.openDeaf();
		note(here, 'from here');
		await here.flush();
		const each = place.kept.each.bind(place.kept);
		place.kept.each = () => Promise.reject(new Error('not now'));
		minutes(deaf, 12);
		await deaf.flush();
		expect(status(deaf)).toBe('saved');
		expect(deaf.clients.get(client.id)!.note).not.toBe('from here');
		place.kept.each = each;
		await vi.advanceTimersByTimeAsync(2000);
		expect(deaf.clients.get(client.id)!.note).toBe('from here');
		vi.useRealTimers();
	});
	it('of a removal here and a change there, ask', async () => {
		const place = disk();
		const [here, there] = [await place.open(), await place.open()];
		here.transact('removed', (draft) => draft.remove(client));
		note(there, 'still wanted');
		await here.flush();
		await there.flush();
		const [clash] = [...here.clashes, ...there.clashes];
		expect(clash).toMatchObject({ key: keyOf(client), path: [] });
		there.keepMine(clash!);
		await there.flush();
		expect((await place.open()).clients.get(client.id)!.note).toBe('still wanted');
	});
});

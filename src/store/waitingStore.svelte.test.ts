import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { memoryStore, type KeyValueStore } from './keyValue';
import { WaitingStore } from './waitingStore.svelte';

const PREFIX = 'form.';
/** What a browser keeps beside its databases, with room for so many values. */
function notesOf(room = 99): Storage {
	const map = new Map<string, string>();
	return {
		get length() {
			return map.size;
		},
		key: (i) => [...map.keys()][i] ?? null,
		getItem: (key) => map.get(key) ?? null,
		setItem(key, value) {
			if (map.size >= room) throw new DOMException('full', 'QuotaExceededError');
			map.set(key, value);
		},
		removeItem: (key) => void map.delete(key),
		clear: () => {
			map.clear();
		}
	};
}
/** A store whose writes come to an end when they are let. */
function slowStore() {
	const inner = memoryStore();
	const waiting: (() => void)[] = [];
	const written: unknown[] = [];
	const when = () => new Promise<void>((resolve) => waiting.push(resolve));
	const store: KeyValueStore = {
		...inner,
		async set(key, value) {
			await when();
			written.push((value as { value: unknown }).value);
			await inner.set(key, value);
		},
		async remove(key) {
			await when();
			await inner.remove(key);
		}
	};
	const go = async () => {
		waiting.shift()?.();
		await vi.advanceTimersByTimeAsync(0);
	};
	return { store, written, go };
}

beforeEach(() => void vi.useFakeTimers());
afterEach(() => void vi.useRealTimers());
const settle = () => vi.advanceTimersByTimeAsync(0);

describe('what waits to be sent', () => {
	it('is written down at once, and only then called saved', async () => {
		const { store, written, go } = slowStore();
		const waiting = new WaitingStore(store, notesOf(), PREFIX);
		waiting.put('a', 'x');
		expect(waiting.unsaved).toBe(1);
		// Typed on while the first is on its way: the last comes, not each.
		waiting.put('a', 'xy');
		waiting.put('a', 'xyz');
		await go();
		expect([written, waiting.unsaved]).toEqual([['x'], 1]);
		await go();
		expect([written, waiting.unsaved]).toEqual([['x', 'xyz'], 0]);
		expect([...(await new WaitingStore(store, undefined, PREFIX).read())]).toEqual([['a', 'xyz']]);
	});

	it('of which a page that closes notes what is still on its way, and no more', async () => {
		const { store, go } = slowStore();
		const notes = notesOf();
		const waiting = new WaitingStore(store, notes, PREFIX);
		waiting.put('a', 1);
		await go();
		waiting.put('b', 2);
		expect(waiting.leave()).toBe(true);
		expect(notes.length).toBe(1);
		const next = new WaitingStore(store, notes, PREFIX);
		expect([...(await next.read())].sort()).toEqual([
			['a', 1],
			['b', 2]
		]);
		// The page was only hidden: what is written down needs no note.
		await go();
		expect(notes.length).toBe(0);
	});

	it('is the later of what was stored and what was noted', async () => {
		const store = memoryStore();
		const notes = notesOf();
		const { store: stuck } = slowStore();
		const hidden = new WaitingStore(stuck, notes, PREFIX);
		hidden.put('a', 'noted');
		hidden.leave();
		// A browser that was killed may give back a note that was taken away already.
		const waiting = new WaitingStore(store, undefined, PREFIX);
		waiting.put('a', 'older');
		waiting.put('a', 'newer');
		await settle();
		expect((await new WaitingStore(store, notes, PREFIX).read()).get('a')).toBe('newer');
	});

	it('waits no longer once it was sent, though the page closes at once', async () => {
		const { store, go } = slowStore();
		const notes = notesOf();
		const waiting = new WaitingStore(store, notes, PREFIX);
		waiting.put('a', 1);
		await go();
		waiting.remove('a');
		waiting.leave();
		const next = new WaitingStore(store, notes, PREFIX);
		expect([...(await next.read())]).toEqual([['a', undefined]]);
		// Whoever comes next does what the page had no time for, and nothing of it is left.
		await go();
		next.remove('a');
		await go();
		expect([(await store.keys()).length, notes.length]).toEqual([0, 0]);
	});

	it('waits no longer once another window let it go, though that closes at once', async () => {
		const { store, go } = slowStore();
		const notes = notesOf();
		const closed = new WaitingStore(store, notes, PREFIX);
		for (const value of [1, 2, 3]) {
			closed.put('a', value);
			await go();
		}
		const other = new WaitingStore(store, notes, PREFIX);
		expect((await other.read()).get('a')).toBe(3);
		other.remove('a');
		other.leave();
		expect((await new WaitingStore(store, notes, PREFIX).read()).get('a')).toBeUndefined();
	});

	it('is kept beside a store that refuses, and written as soon as that lets it', async () => {
		const inner = memoryStore();
		let refuses = true;
		const store: KeyValueStore = {
			...inner,
			set: (key, value) =>
				refuses ? Promise.reject(new DOMException('full')) : inner.set(key, value)
		};
		const waiting = new WaitingStore(store, notesOf(), PREFIX);
		waiting.put('a', 1);
		await settle();
		expect([waiting.unsaved, waiting.isRefused, waiting.leave()]).toEqual([1, true, true]);
		refuses = false;
		await vi.advanceTimersByTimeAsync(10_000);
		expect([waiting.unsaved, waiting.isRefused]).toEqual([0, false]);
		expect((await inner.get('a')) as object).toMatchObject({ value: 1 });
	});

	it('with both full, or without notes, is told to be gone with the page', () => {
		const { store } = slowStore();
		for (const notes of [notesOf(0), undefined]) {
			const waiting = new WaitingStore(store, notes, PREFIX);
			expect(waiting.leave()).toBe(true);
			waiting.put('a', 1);
			expect(waiting.leave()).toBe(false);
		}
	});

	it('is read from a store that refuses to be read as if nothing were in it, and from notes of an earlier time', async () => {
		const notes = notesOf();
		notes.setItem(`${PREFIX}w.salon`, JSON.stringify({ name: 'salon', value: 1 }));
		notes.setItem(`${PREFIX}w.half`, '{"name":"ha');
		notes.setItem('another', '{"name":"no"}');
		const store = { ...memoryStore(), each: () => Promise.reject(new Error('refused')) };
		expect([...(await new WaitingStore(store, notes, PREFIX).read())]).toEqual([
			['w.salon', { name: 'salon', value: 1 }]
		]);
	});
});

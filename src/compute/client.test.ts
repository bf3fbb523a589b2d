import { searchPlans } from '../core/plan/search';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { naturalPigment } from '../core/hair';

import { ladderInUse, LEVEL_LADDER, levelOfDepth, useLadder } from '../core/colour';
import { ComputeClient, type WorkerLike } from './client';
import { PROTOCOL, type FromWorker, type ToWorker } from './protocol';
import { TaskRunner } from './runner';
import { TASKS, type PlanQuestion } from './tasks';

const question: PlanQuestion = {
	head: {
		fibre: { ...naturalPigment(5, 'neutral'), layers: [] },
		factors: { naturalLevel: 5, texture: 'medium' },
		condition: 100
	},
	target: 8
};

/** A worker whose answers the test writes. */
class ScriptedWorker implements WorkerLike {
	readonly received: ToWorker[] = [];
	terminated = false;
	onmessage: WorkerLike['onmessage'] = null;
	onerror: WorkerLike['onerror'] = null;
	onmessageerror: WorkerLike['onmessageerror'] = null;
	postMessage(message: ToWorker): void {
		this.received.push(message);
	}
	terminate(): void {
		this.terminated = true;
	}
	say(message: FromWorker): void {
		this.onmessage?.({ data: message });
	}
	runs() {
		return this.received.filter(({ kind }) => kind === 'run');
	}
	cancels() {
		return this.received.filter(({ kind }) => kind === 'cancel').map(({ id }) => id);
	}
}

function scripted(silenceMs?: number) {
	const workers: ScriptedWorker[] = [];
	const client = new ComputeClient(() => {
		const worker = new ScriptedWorker();
		workers.push(worker);
		return worker;
	}, silenceMs);
	return { client, workers, last: () => workers.at(-1)! };
}

describe('a request', () => {
	it('is answered with what the core says, in place as in a worker', async () => {
		const answer = await new ComputeClient(() => undefined).run('searchPlans', question);
		expect(answer).toEqual({ ok: true, value: searchPlans(question.head, question.target) });
	});
	it('tells its progress, from the same run only', async () => {
		const { client, last } = scripted();
		const shares: number[] = [];
		const answer = client.run('searchPlans', question, {
			onProgress: (share) => shares.push(share)
		});
		const [{ id }] = last().runs() as [ToWorker];
		last().say({ v: PROTOCOL, id, kind: 'progress', share: 0.5 });
		last().say({ v: PROTOCOL, id: id + 7, kind: 'progress', share: 0.9 });
		last().say({ v: PROTOCOL, id, kind: 'done', result: 'plans' });
		expect(await answer).toEqual({ ok: true, value: 'plans' });
		expect(shares).toEqual([0.5]);
	});
	it('gives way to a newer one on its lane, and the late reply is dropped', async () => {
		const { client, last } = scripted();
		const first = client.run('searchPlans', question, { lane: 'plans' });
		const other = client.run('searchPlans', question, { lane: 'toner' });
		const second = client.run('searchPlans', question, { lane: 'plans' });
		expect(await first).toMatchObject({ ok: false, problem: 'stale' });
		const [a, b, c] = last()
			.runs()
			.map(({ id }) => id) as [number, number, number];
		expect(last().cancels()).toEqual([a]);
		last().say({ v: PROTOCOL, id: a, kind: 'done', result: 'late' });
		last().say({ v: PROTOCOL, id: c, kind: 'done', result: 'new' });
		last().say({ v: PROTOCOL, id: b, kind: 'done', result: 'other' });
		expect(await second).toEqual({ ok: true, value: 'new' });
		expect(await other).toEqual({ ok: true, value: 'other' });
	});
	it('can be cancelled, before and while it runs', async () => {
		const { client, last } = scripted();
		const control = new AbortController();
		const answer = client.run('searchPlans', question, { signal: control.signal });
		control.abort();
		expect(await answer).toMatchObject({ ok: false, problem: 'cancelled' });
		expect(last().cancels()).toEqual([last().runs()[0]!.id]);
		expect(await client.run('searchPlans', question, { signal: control.signal })).toMatchObject({
			problem: 'cancelled'
		});
		expect(last().runs()).toHaveLength(1);
	});
	it('that cannot be sent, or that the task refuses, says so and hurts nothing else', async () => {
		const { client, last } = scripted();
		const good = client.run('searchPlans', question);
		const send = vi.spyOn(last(), 'postMessage').mockImplementationOnce(() => {
			throw new Error('could not be cloned');
		});
		expect(await client.run('searchPlans', question)).toMatchObject({
			problem: 'failed',
			message: 'could not be cloned'
		});
		send.mockRestore();
		last().say({ v: PROTOCOL, id: last().runs()[0]!.id, kind: 'done', result: 1 });
		expect(await good).toMatchObject({ ok: true });
		const inPlace = new ComputeClient(() => undefined);
		const none = { problem: { totalGrams: 0 }, fibre: {} } as never;
		expect(await inPlace.run('findToner', none)).toMatchObject({ ok: false, problem: 'failed' });
		expect(await inPlace.run('searchPlans', question)).toMatchObject({ ok: true });
	});
	it('of another build is refused by the worker, and its answer by the page', async () => {
		const said: FromWorker[] = [];
		new TaskRunner(TASKS, (message) => said.push(message)).receive({
			v: PROTOCOL + 1,
			id: 3,
			kind: 'run',
			task: 'searchPlans',
			input: question,
			ladder: LEVEL_LADDER
		});
		expect(said).toMatchObject([{ id: 3, kind: 'failed' }]);
		const { client, last } = scripted();
		const answer = client.run('searchPlans', question);
		last().say({ v: PROTOCOL + 1, id: last().runs()[0]!.id, kind: 'done', result: 1 });
		expect(await answer).toMatchObject({ problem: 'failed' });
	});
});

describe('a worker that breaks', () => {
	beforeEach(() => vi.useFakeTimers());
	afterEach(() => vi.useRealTimers());
	const speak = (worker: ScriptedWorker, id: number) =>
		worker.say({ v: PROTOCOL, id, kind: 'progress', share: 0.1 });

	it('is replaced, and what it was doing is tried once more', async () => {
		const { client, workers, last } = scripted();
		const answer = client.run('searchPlans', question);
		const [{ id }] = last().runs() as [ToWorker];
		speak(last(), id);
		last().onerror!({ message: 'out of memory' });
		expect(workers[0]!.terminated).toBe(true);
		expect(workers).toHaveLength(2);
		last().say({ v: PROTOCOL, id: last().runs()[0]!.id, kind: 'done', result: 'after all' });
		expect(await answer).toEqual({ ok: true, value: 'after all' });
		// What the dead one still says is not heard.
		workers[0]!.say({ v: PROTOCOL, id, kind: 'done', result: 'ghost' });
	});
	it('twice is reported, and the next request works', async () => {
		const { client, workers, last } = scripted();
		const answer = client.run('searchPlans', question);
		for (let broken = 0; broken < 2; broken++) {
			speak(last(), last().runs()[0]!.id);
			last().onerror!({ message: 'out of memory' });
		}
		expect(await answer).toMatchObject({ ok: false, problem: 'crashed' });
		const next = client.run('searchPlans', question);
		expect(workers).toHaveLength(3);
		last().say({ v: PROTOCOL, id: last().runs()[0]!.id, kind: 'done', result: 2 });
		expect(await next).toEqual({ ok: true, value: 2 });
	});
	it('falls silent and is taken for dead; signs of life keep it', async () => {
		const { client, workers, last } = scripted(1000);
		const answer = client.run('searchPlans', question);
		const { id } = last().runs()[0]!;
		for (let i = 0; i < 5; i++) {
			vi.advanceTimersByTime(900);
			speak(last(), id);
		}
		expect(workers).toHaveLength(1);
		vi.advanceTimersByTime(1001);
		expect(workers).toHaveLength(2);
		last().say({ v: PROTOCOL, id: last().runs()[0]!.id, kind: 'done', result: 3 });
		expect(await answer).toEqual({ ok: true, value: 3 });
	});
	it('before it ever spoke was never able to: the work is done in place', async () => {
		vi.useRealTimers();
		const { client, workers, last } = scripted();
		const answer = client.run('searchPlans', question);
		last().onerror!({});
		expect(await answer).toMatchObject({ ok: true });
		expect(workers).toHaveLength(1);
	});
	it('is stopped when the page closes it', async () => {
		const { client, last } = scripted();
		const answer = client.run('searchPlans', question);
		client.close();
		expect(await answer).toMatchObject({ problem: 'cancelled' });
		expect(last().terminated).toBe(true);
	});
});

describe('the worker’s side', () => {
	it('hears a cancellation between its slices, and ends the search', async () => {
		const said: FromWorker[] = [];
		let ended = false;
		function* endless() {
			try {
				for (;;) {
					const until = performance.now() + 2;
					while (performance.now() < until);
					yield 0.5;
				}
			} finally {
				ended = true;
			}
		}
		const runner = new TaskRunner({ endless }, (message) => said.push(message));
		const ladder = LEVEL_LADDER;
		runner.receive({ v: PROTOCOL, id: 1, kind: 'run', task: 'endless' as never, input: 0, ladder });
		await new Promise((resolve) => setTimeout(resolve, 40));
		runner.receive({ v: PROTOCOL, id: 1, kind: 'cancel' });
		await vi.waitFor(() => expect(said.at(-1)).toMatchObject({ id: 1, kind: 'cancelled' }));
		expect(ended).toBe(true);
		expect(said.filter(({ kind }) => kind === 'progress').length).toBeGreaterThan(0);
	});
	it('tells its levels in the ladder of the page that asks', async () => {
		const own = LEVEL_LADDER.map((depth) => depth + 2);
		const levels: number[] = [];
		function* levelOfDepth50() {
			yield 1;
			levels.push(levelOfDepth(50));
		}
		const runner = new TaskRunner({ levelOfDepth50 }, () => undefined);
		const ask = (id: number, ladder: readonly number[]) =>
			runner.receive({
				v: PROTOCOL,
				id,
				kind: 'run',
				task: 'levelOfDepth50' as never,
				input: 0,
				ladder
			});
		ask(1, own);
		await vi.waitFor(() => expect(levels).toHaveLength(1));
		ask(2, LEVEL_LADDER);
		await vi.waitFor(() => expect(levels).toHaveLength(2));
		expect(levels[0]).toBeCloseTo(levelOfDepth(50, own), 9);
		expect(levels[1]).toBeCloseTo(levelOfDepth(50, LEVEL_LADDER), 9);
		expect(ladderInUse()).toEqual(LEVEL_LADDER);
		useLadder();
	});
});

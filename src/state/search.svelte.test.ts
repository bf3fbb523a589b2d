import { flushSync } from 'svelte';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Answer, ComputeClient, RunOptions } from '../compute/client';
import type { TonerAnswer, TonerQuestion } from '../core/toner';
import { Search } from './search.svelte';
import { SPOT } from '../testing/demoVisit';

/** A worker that answers when it is told to. */
function worker() {
	const asked: {
		readonly input: TonerQuestion;
		readonly options: RunOptions;
		readonly answer: (answer: Answer<TonerAnswer>) => void;
	}[] = [];
	const run = (_: string, input: TonerQuestion, options: RunOptions) =>
		new Promise((answer) => asked.push({ input, options, answer }));
	return { asked, compute: { run } as unknown as ComputeClient };
}
const question = (totalGrams: number) => ({ problem: { totalGrams } }) as unknown as TonerQuestion;
const answer = (needLevel: number) =>
	({ ok: true, value: { formulas: [], needLevel } }) as Answer<TonerAnswer>;
const settle = async (ms = 0) => {
	await vi.advanceTimersByTimeAsync(ms);
	flushSync();
};

describe('a search', () => {
	let stop = () => {};
	beforeEach(() => void vi.useFakeTimers());
	afterEach(() => {
		stop();
		vi.useRealTimers();
	});
	/** Somebody looks at it. */
	async function look(search: Search<'findToner'>) {
		const seen: (number | undefined)[] = [];
		stop = $effect.root(() => {
			$effect(() => void seen.push(search.found?.needLevel));
		});
		await settle();
		return seen;
	}

	it('asks nothing while nobody looks', async () => {
		const { asked, compute } = worker();
		const search = new Search(compute, 'findToner', 'lane', () => question(10));
		expect(search.found).toBeUndefined();
		await settle(1000);
		expect(asked).toHaveLength(0);
	});
	it('leaves what is under way when nobody looks any more, and asks anew at once', async () => {
		const { asked, compute } = worker();
		const search = new Search(compute, 'findToner', 'lane', () => question(10));
		await look(search);
		stop();
		await settle();
		expect(asked[0]!.options.signal?.aborted).toBe(true);
		asked[0]!.answer({ ok: false, problem: 'cancelled', message: '' });
		const seen = await look(search);
		expect(asked).toHaveLength(2);
		expect(search.trouble).toBeUndefined();
		asked[1]!.answer(answer(9));
		await settle();
		expect(seen).toEqual([undefined, 9]);
		// What has been answered stands, also for the next who looks.
		stop();
		await settle();
		expect(await look(search)).toEqual([9]);
		expect(asked).toHaveLength(2);
	});
	it('asks at once when somebody looks, and later when the hand rests', async () => {
		const { asked, compute } = worker();
		const at = $state({ grams: 10 });
		const search = new Search(compute, 'findToner', 'lane', () => question(at.grams));
		const seen = await look(search);
		expect(asked.map(({ options }) => options.lane)).toEqual(['lane']);
		asked[0]!.answer(answer(9));
		await settle();
		expect(seen).toEqual([undefined, 9]);
		for (at.grams = 20; at.grams < 25; at.grams++) await settle(100);
		expect(asked).toHaveLength(1);
		expect(search.searching).toBe(true);
		expect(search.found?.needLevel).toBe(9);
		await settle(140);
		expect(asked.map(({ input }) => input.problem.totalGrams)).toEqual([10, 25]);
		asked[1]!.answer(answer(8));
		await settle();
		expect(search.found?.needLevel).toBe(8);
		expect(search.searching).toBe(false);
	});
	it('does not ask again for what is alike, nor once nobody looks any more', async () => {
		const { asked, compute } = worker();
		let grams = $state.raw({ of: 10 });
		await look(new Search(compute, 'findToner', 'lane', () => question(grams.of)));
		asked[0]!.answer(answer(9));
		await settle(500);
		grams = { of: 10 };
		await settle(500);
		expect(asked).toHaveLength(1);
		stop();
		await settle();
		grams = { of: 11 };
		await settle(500);
		expect(asked).toHaveLength(1);
	});
	it('takes no answer to an older question for one to a newer', async () => {
		const { asked, compute } = worker();
		let grams = $state(10);
		const search = new Search(compute, 'findToner', 'lane', () => question(grams));
		await look(search);
		grams = 11;
		await settle(140);
		asked[0]!.answer({ ok: false, problem: 'stale', message: 'replaced' });
		await settle();
		expect(search.trouble).toBeUndefined();
		expect(search.searching).toBe(true);
		asked[1]!.answer(answer(7));
		await settle();
		expect(search.found?.needLevel).toBe(7);
	});
	it('finds its way back where the question is what it was before', async () => {
		const { asked, compute } = worker();
		const at = $state({ grams: 10 });
		const search = new Search(compute, 'findToner', 'lane', () => question(at.grams));
		await look(search);
		asked[0]!.answer(answer(9));
		at.grams = 11;
		await settle(140);
		at.grams = 10;
		await settle(140);
		asked[1]!.answer(answer(8));
		asked.at(-1)!.answer(answer(9));
		await settle(140);
		expect(search.searching).toBe(false);
		expect(search.found?.needLevel).toBe(9);
	});
	it('says what went wrong, keeps what was found, and asks again when it is told to', async () => {
		const { asked, compute } = worker();
		let grams = $state(10);
		const search = new Search(compute, 'findToner', 'lane', () => question(grams));
		await look(search);
		asked[0]!.answer(answer(9));
		await settle();
		grams = 11;
		await settle(140);
		asked[1]!.answer({ ok: false, problem: 'crashed', message: 'It broke.' });
		await settle(1000);
		expect(search.trouble).toBe('It broke.');
		expect(search.found?.needLevel).toBe(9);
		expect(asked).toHaveLength(2);
		search.again();
		await settle();
		expect(search.trouble).toBeUndefined();
		asked[2]!.answer(answer(8));
		await settle();
		expect(search.found?.needLevel).toBe(8);
	});
	it('finds nothing where nothing is asked', async () => {
		const { asked, compute } = worker();
		let there = $state(true);
		const search = new Search(compute, 'findToner', 'lane', () =>
			there ? question(10) : undefined
		);
		await look(search);
		asked[0]!.answer(answer(9));
		await settle();
		there = false;
		await settle();
		expect(search.found).toBeUndefined();
		expect(search.searching).toBe(false);
	});
	it('is worked out in place where there is no worker', () => {
		const spot = { ...SPOT, findToner: () => ({ formulas: [], needLevel: 6 }) };
		const search = new Search(spot, 'findToner', 'lane', () => question(10));
		expect(search.found?.needLevel).toBe(6);
		expect(search.searching).toBe(false);
	});
});

import { flushSync } from 'svelte';
import { describe, expect, it } from 'vitest';
import { newLearner, takeSet } from '../model/practice/learner';
import { makeSet } from '../model/practice/set';
import { runReviewSteps, type Lesson } from '../core/practice';
import { demoShelf } from '../model/demo/shelf';
import { finish } from '../core/steps';
import { NOW, openMemory } from '../testing/demoVisit';
import { HeadRun } from './headRun.svelte';
import { KeptRun } from './keptRun.svelte';
import { learning } from './learning.svelte';
import { Sitting } from './sitting.svelte';

const SPOT = {
	reviewRun: (run: Parameters<typeof runReviewSteps>[0]) => finish(runReviewSteps(run))
};

async function sat(lessons: readonly Lesson[], setId?: string) {
	const learner = newLearner('Nell', NOW);
	if (setId) {
		takeSet(learner, 'Monday', makeSet(['wheel', 'sums'], 2, 2, 5));
		learner.sets[0]!.id = setId;
	}
	const workspace = await openMemory([demoShelf(NOW), learner]);
	let seed = 0;
	const sitting = new Sitting({
		workspace,
		learnerId: learner.id,
		now: () => NOW,
		seed: () => ++seed,
		lessons,
		setId
	});
	return { sitting, workspace, kept: () => workspace.learners.get(learner.id)! };
}

describe('a sitting', () => {
	it('takes one answer to each question, keeps it, and asks the next', async () => {
		const { sitting, kept } = await sat(['wheel']);
		const first = sitting.question!;
		if (first.answer.form !== 'choice') throw new Error('a choice was expected');
		sitting.answer(first.answer.right);
		sitting.answer('else');
		expect(sitting.given).toBe(first.answer.right);
		expect(sitting.judged).toEqual({ right: true });
		expect(kept().answers).toHaveLength(1);
		expect(kept().cards).toMatchObject([{ lesson: 'wheel', matter: first.matter }]);
		sitting.next();
		expect(sitting.judged).toBeUndefined();
		expect(sitting.question!.matter).not.toBe(first.matter);
		expect([sitting.right, sitting.asked.length]).toEqual([1, 1]);
	});
	it('grows harder with right answers', async () => {
		const { sitting } = await sat(['wheel']);
		const rungs: number[] = [];
		for (let i = 0; i < 30; i++) {
			const { answer, rung } = sitting.question!;
			rungs.push(rung);
			sitting.answer(answer.right);
			sitting.next();
		}
		expect(rungs[0]).toBeLessThanOrEqual(2);
		expect(rungs.at(-1)).toBeGreaterThanOrEqual(4);
	});
	it('of a set asks each once, and ends', async () => {
		const { sitting, kept } = await sat(['wheel'], 'monday');
		expect(sitting.progress).toEqual({ done: 0, of: 2 });
		sitting.answer(sitting.question!.answer.right);
		sitting.next();
		sitting.answer('no answer at all');
		sitting.next();
		expect(sitting.question).toBeUndefined();
		expect(sitting.progress).toEqual({ done: 2, of: 2 });
		expect(kept().sets[0]!.questions.map(({ right }) => right)).toEqual([true, false]);
	});
});

describe('a simulated head', () => {
	it('is kept as far as it is, with whom it began, and can be begun anew and had back', async () => {
		const people = ['Nell', 'Oda'].map((name) => newLearner(name, NOW));
		const [nell, oda] = people.map(({ id }) => id) as [string, string];
		const workspace = await openMemory([demoShelf(NOW), ...people]);
		let learner: string | undefined;
		const keeper = { workspace, now: () => NOW, learner: () => learner };
		const run = new HeadRun(4, SPOT);
		const kept = new KeptRun(run, keeper);
		const heads = (id: string) => workspace.learners.get(id)!.heads;
		expect(kept.isBehind).toBe(false);
		run.do({ act: 'wait', minutes: 2 });
		expect(kept.isBehind).toBe(true);
		kept.keep();
		expect([heads(nell), heads(oda)]).toEqual([[], []]);
		learner = nell;
		kept.keep();
		learner = oda;
		run.do({ act: 'wait', minutes: 3 });
		kept.keep();
		expect(heads(oda)).toEqual([]);
		expect(heads(nell)).toMatchObject([{ seed: 4, acts: [{ act: 'wait', minutes: 5 }] }]);
		expect(kept.isBehind).toBe(false);
		const back = kept.anew()!;
		expect([heads(nell), run.acts]).toEqual([[], []]);
		back();
		expect(run.acts).toHaveLength(1);
		expect(heads(nell)).toHaveLength(1);
		// Whoever looks at it again goes on with the same one.
		learner = nell;
		const again = new HeadRun(4, SPOT, heads(nell)[0]!.acts);
		const on = new KeptRun(again, keeper, heads(nell)[0]);
		expect(on.isBehind).toBe(false);
		again.do({ act: 'wait', minutes: 1 });
		on.keep();
		expect(heads(nell)).toMatchObject([{ acts: [{ minutes: 6 }] }]);
		workspace.transact('gone', (draft) => draft.remove(workspace.learners.get(nell)!));
		again.do({ act: 'wait', minutes: 1 });
		on.keep();
		expect(workspace.learners.has(nell)).toBe(false);
	});
	it('joins waiting into one act, does nothing that cannot be done, and looks back when it is over', () => {
		const run = new HeadRun(1, SPOT);
		run.do({ act: 'rinse' });
		expect(run.acts).toEqual([]);
		run.do({ act: 'mix', product: 'powder', volume: 20, grams: 200 });
		for (const part of ['back', 'crown', 'sides'] as const)
			run.do({ act: 'apply', part, on: ['lengths', 'ends'] });
		const before = run.acts.length;
		for (let i = 0; i < 20; i++) run.do({ act: 'wait', minutes: 0.5 });
		expect(run.acts).toHaveLength(before + 1);
		expect(run.acts.at(-1)).toEqual({ act: 'wait', minutes: 10 });
		expect(run.reviewing.found).toBeUndefined();
		run.do({ act: 'rinse' });
		run.do({ act: 'finish' });
		flushSync();
		const review = run.reviewing.found!;
		expect(review.best.outcome.score).toBeGreaterThanOrEqual(review.outcome.score);
		// What was worked can be looked back at again.
		expect(new HeadRun(1, SPOT, run.acts).reviewing.found!.outcome).toEqual(review.outcome);
	});
	it('under lightener shows what was seen last, and is shown as it is once it is off', () => {
		const run = new HeadRun(1, SPOT);
		const untouched = run.coloursOf('back');
		run.do({ act: 'mix', product: 'powder', volume: 20, grams: 200 });
		run.do({ act: 'apply', part: 'back', on: ['lengths', 'ends'] });
		run.do({ act: 'wait', minutes: 20 });
		expect(run.coloursOf('back')).toEqual(untouched);
		run.do({ act: 'check', part: 'back' });
		const seen = run.coloursOf('back');
		expect(seen).not.toEqual(untouched);
		run.do({ act: 'wait', minutes: 10 });
		expect(run.coloursOf('back')).toEqual(seen);
		expect(run.lyingOn('back')!.volume).toBe(20);
		run.do({ act: 'wipe', part: 'back' });
		expect(run.coloursOf('back')).not.toEqual(seen);
		expect(run.lyingOn('back')).toBeUndefined();
	});
});

describe('who practises', () => {
	it('is whoever was chosen, else whoever practised last', async () => {
		const old = { ...newLearner('Ada', NOW), updatedAt: '2026-01-01T00:00:00.000Z' };
		const workspace = await openMemory([demoShelf(NOW), old, newLearner('Nell', NOW)]);
		expect(learning.learner(workspace)!.name).toBe('Nell');
		learning.chosen = old.id;
		expect(learning.learner(workspace)!.name).toBe('Ada');
		learning.chosen = undefined;
	});
});

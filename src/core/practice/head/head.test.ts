import { describe, expect, it } from 'vitest';
import { chanceOf } from '../../numeric';
import { finish } from '../../steps';
import { HEAD_PARTS as PARTS, HEAD_TOPICS as TOPICS, HEAD_VOLUMES } from '../../vocabulary';
import { bestRunSteps, everyToner } from './best';
import { hiddenHead, TWELVE_HEADS, worked } from './hidden';
import { mixtureNeeded, plannedMinutes } from './needs';
import { outcomeOf } from './outcome';
import { reviewSteps } from './review';
import { doAct, isLying, pieceAt, refusal, replay, runStart, type Act } from './run';

/** Somebody who does anything, as long as it can be done. */
function randomRun(seed: number, by: number): Act[] {
	const head = hiddenHead(seed);
	const chance = chanceOf(by);
	const acts: Act[] = [];
	let state = runStart(head);
	const go = (act: Act) => {
		acts.push(act);
		state = doAct(state, act);
	};
	if (chance.uniform() < 0.5) for (const topic of TOPICS) go({ act: 'ask', topic });
	for (const part of PARTS) {
		const on = worked(head).filter(() => chance.uniform() < 0.8);
		if (on.length === 0) continue;
		go({
			act: 'mix',
			product: 'powder',
			volume: chance.oneOf(HEAD_VOLUMES),
			grams: mixtureNeeded(head, on) + 5
		});
		go({ act: 'apply', part, on });
	}
	go({ act: 'wait', minutes: Math.round(60 * chance.uniform()) });
	if (isLying(state)) go({ act: 'rinse' });
	go(chance.oneOf(everyToner()));
	go({ act: 'finish' });
	return acts;
}

const finished = (seed: number, acts: readonly Act[]) => outcomeOf(replay(seed, acts), acts);
const SEEDS = Array.from({ length: TWELVE_HEADS }, (_, i) => i + 1);
const [FIRST, SOLID, OLD, STINGS, SALTS, CALLED] = [1, 4, 6, 7, 12, 3];

/** A plain run of somebody who knows the trade and looks at nothing. */
function plainRun(
	seed: number,
	over: { volume?: number; minutes?: number; product?: 'powder' } = {}
): Act[] {
	const head = hiddenHead(seed);
	const on = worked(head);
	return [
		{ act: 'ask', topic: 'patch' },
		{ act: 'ask', topic: 'scalp' },
		...PARTS.flatMap((part): Act[] => [
			{ act: 'mix', product: 'powder', volume: over.volume ?? 20, grams: mixtureNeeded(head, on) },
			{ act: 'apply', part, on }
		]),
		{ act: 'wait', minutes: over.minutes ?? 12 },
		{ act: 'rinse' },
		{ act: 'tone', level: 9, tone: 'N', minutes: 10 },
		{ act: 'finish' }
	];
}

describe('a hidden head', () => {
	it('is the same for one seed, and grows harder through the twelve', () => {
		for (const seed of [...SEEDS, 4711]) expect(hiddenHead(seed)).toEqual(hiddenHead(seed));
		expect(SEEDS.map((seed) => hiddenHead(seed).rank)).toEqual(SEEDS);
		expect(hiddenHead(FIRST)).toMatchObject({ solid: false, salts: false });
		expect(hiddenHead(FIRST).old).toBeUndefined();
		expect(hiddenHead(OLD).old).toBeDefined();
		expect(hiddenHead(STINGS).stingsAfter).toBeGreaterThan(5);
		expect(hiddenHead(SALTS)).toMatchObject({ salts: true });
		const endless = Array.from({ length: 60 }, (_, i) => hiddenHead(100 + i));
		expect(new Set(endless.map(({ rate }) => rate)).size).toBeGreaterThan(50);
		for (const { wish, naturalLevel, rate } of endless) {
			expect(wish.level).toBeGreaterThan(naturalLevel);
			expect(Math.abs(Math.log(rate))).toBeLessThanOrEqual(0.5);
		}
	});
	it('answers as the engine does: what lies lifts, what is wiped stays, a slow head lifts less', () => {
		const acts = plainRun(FIRST).slice(0, 9);
		const lifted = (more: readonly Act[]) => {
			const state = replay(FIRST, [...acts, ...more]);
			return pieceAt(state.head, state.pieces[0]!, state.minute).level;
		};
		const wait: Act = { act: 'wait', minutes: 15 };
		expect(lifted([wait])).toBeGreaterThan(lifted([]) + 0.2);
		const wiped: Act = { act: 'wipe', part: 'back' };
		expect(lifted([wiped, wait])).toBeCloseTo(lifted([wiped]), 9);
		const slow = { ...hiddenHead(FIRST), rate: 0.6 };
		const state = replay(slow, [...acts, wait]);
		expect(pieceAt(slow, state.pieces[0]!, state.minute).level).toBeLessThan(lifted([wait]) - 0.2);
	});
	it('has parts that lag, and bowls that grow old', () => {
		const even = { ...hiddenHead(FIRST), areas: { back: 1, crown: 1, sides: 1 } };
		const lagging = { ...even, areas: { back: 1, crown: 0.7, sides: 1 } };
		const acts = plainRun(FIRST).slice(0, 9);
		const crown = (head: typeof even, done: readonly Act[]) => {
			const state = replay(head, done);
			const piece = state.pieces.find(({ part }) => part === 'crown')!;
			return pieceAt(head, piece, state.minute).level;
		};
		expect(crown(lagging, acts)).toBeLessThan(crown(even, acts) - 0.1);
		const put: Act = { act: 'apply', part: 'crown', on: ['lengths'] };
		const mix: Act = { act: 'mix', product: 'powder', volume: 20, grams: 100 };
		const wait = (minutes: number): Act => ({ act: 'wait', minutes });
		expect(crown(even, [mix, wait(40), put, wait(20)])).toBeLessThan(
			crown(even, [mix, put, wait(20)]) - 0.1
		);
	});
	it('tells only what was asked, tried or looked at, and calls in the midst of it', () => {
		const told = (seed: number, acts: readonly Act[]) =>
			replay(seed, acts).told.map((each) => each.told);
		expect(told(FIRST, [{ act: 'wait', minutes: 90 }])).toEqual([]);
		expect(told(SALTS, [{ act: 'test' }])).toEqual(['tested']);
		expect(replay(SALTS, [{ act: 'test' }]).told[0]).toMatchObject({ hot: true });
		const called = replay(CALLED, plainRun(CALLED, { minutes: 30 }));
		const { call } = called.head;
		expect(called.told.filter((each) => each.told === 'call')).toHaveLength(1);
		const quiet = { ...called.head, call: undefined };
		expect(called.minute - replay(quiet, plainRun(CALLED, { minutes: 30 })).minute).toBe(
			call!.minutes
		);
		// It comes while something lies, and to nobody else.
		expect(told(CALLED, [{ act: 'wait', minutes: 90 }])).toEqual([]);
		expect(told(STINGS, plainRun(STINGS, { minutes: 30 }))).toContain('stings');
		const measured = replay(FIRST, [{ act: 'measure', part: 'crown' }]).told;
		expect(measured).toHaveLength(2);
		for (const each of measured)
			if (each.told === 'measured')
				expect(Math.abs(each.level - hiddenHead(FIRST).naturalLevel)).toBeLessThan(0.6);
	});
	it('refuses what cannot be done, and stays as it was', () => {
		const start = runStart(hiddenHead(FIRST));
		const apply: Act = { act: 'apply', part: 'back', on: ['lengths'] };
		expect(refusal(start, apply)).toBe('noBowl');
		expect(doAct(start, apply)).toBe(start);
		const small = doAct(start, { act: 'mix', product: 'powder', volume: 20, grams: 10 });
		expect(refusal(small, apply)).toBe('bowlTooSmall');
		expect(refusal(start, { act: 'wipe', part: 'back' })).toBe('notLying');
		expect(refusal(start, { act: 'rinse' })).toBe('notLying');
		const on = replay(FIRST, plainRun(FIRST).slice(0, 9));
		expect(refusal(on, { act: 'tone', level: 9, tone: 'N', minutes: 5 })).toBe('stillLying');
		expect(refusal(on, { act: 'finish' })).toBe('stillLying');
		expect(refusal(on, { act: 'test' })).toBe('stillLying');
		const over = replay(FIRST, plainRun(FIRST));
		expect(refusal(over, { act: 'wait', minutes: 5 })).toBe('finished');
	});
});

describe('what can be known before', () => {
	it('is what a typical head like it does: stronger is sooner, and weak never gets there', () => {
		const head = hiddenHead(FIRST);
		const at = (volume: number, level = head.naturalLevel) => plannedMinutes(head, level, volume);
		expect(at(30)!).toBeLessThan(at(20)!);
		expect(at(20, head.naturalLevel + 1)!).toBeLessThan(at(20)!);
		expect(
			plannedMinutes({ ...head, wish: { level: 11.5, direction: 'neutral' } }, 2, 10)
		).toBeUndefined();
		// A typical head does just that.
		const typical = { ...head, rate: 1, areas: { back: 1, crown: 1, sides: 1 } };
		const piece = {
			...runStart(typical).pieces[0]!,
			laid: [{ product: 'powder', volume: 20, bowlAgeMinutes: 0, from: 0, to: undefined }]
		} as const;
		expect(pieceAt(typical, piece, at(20)!).level).toBeCloseTo(head.wish.level, 2);
	});
});

describe('what came of a run', () => {
	it('breaks no rule where none was broken, and names those that were', () => {
		expect(finished(FIRST, plainRun(FIRST)).breaches).toEqual([]);
		const { breaches } = finished(SOLID, plainRun(SOLID, { volume: 30 }).slice(2));
		expect(breaches).toEqual(
			expect.arrayContaining(['overCeiling', 'scalpNotAsked', 'patchNotAsked'])
		);
		expect(finished(FIRST, plainRun(FIRST, { minutes: 60 })).breaches).toContain('overTime');
		expect(finished(STINGS, plainRun(STINGS, { minutes: 25 })).breaches).toContain('stung');
		const boiled = finished(SALTS, plainRun(SALTS));
		expect(boiled.breaches).toContain('salts');
		expect(boiled.condition).toBeLessThan(40);
		// Asked afterwards is not asked before.
		const late = [...plainRun(FIRST).slice(2, -1), { act: 'ask', topic: 'patch' } as const];
		expect(finished(FIRST, late).breaches).toContain('patchNotAsked');
	});
	it('is worth less the farther it is from the wish, and the longer it took', () => {
		const nothing = finished(FIRST, [{ act: 'finish' }]);
		const done = finished(FIRST, plainRun(FIRST));
		expect(done.levelOff).toBeLessThan(nothing.levelOff);
		expect(done.score).toBeGreaterThan(nothing.score);
		const idle = finished(FIRST, [{ act: 'wait', minutes: 240 }, ...plainRun(FIRST)]);
		expect(idle.score).toBeLessThan(done.score);
		expect(idle.levelOff).toBeCloseTo(done.levelOff, 9);
	});
});

describe('the best run', () => {
	it('of every one of the twelve is far above a random one, and breaks no rule', () => {
		for (const seed of SEEDS) {
			const { acts, outcome } = finish(bestRunSteps(hiddenHead(seed)));
			expect(finished(seed, acts)).toEqual(outcome);
			expect(outcome.breaches).toEqual([]);
			const random = [1, 2, 3, 4, 5, 6, 7, 8].map((by) => {
				const own = randomRun(seed, by * 77 + seed);
				return finished(seed, own).score;
			});
			expect(outcome.score).toBeGreaterThan(Math.max(...random));
			expect(outcome.score).toBeGreaterThanOrEqual(finished(seed, plainRun(seed)).score);
		}
	});
	it('of drawn heads as well', () => {
		for (const seed of [111, 2222, 33_333]) {
			const { outcome } = finish(bestRunSteps(hiddenHead(seed)));
			for (const by of [1, 2, 3, 4])
				expect(outcome.score).toBeGreaterThan(finished(seed, randomRun(seed, by)).score);
		}
	});
});

describe('the review', () => {
	const reviewed = (seed: number, acts: readonly Act[]) =>
		finish(reviewSteps(hiddenHead(seed), acts));

	it('finds what was done wrong on purpose, first what cost most, with what the other way brings', () => {
		const acts = plainRun(FIRST, { volume: 10, minutes: 1 });
		const items = reviewed(FIRST, acts);
		const decisions = items.map(({ other }) => other.decision);
		expect(decisions).toContain('volume');
		expect(decisions).toContain('longer');
		expect(items.map(({ points }) => points)).toEqual(
			items.map(({ points }) => points).sort((p, q) => q - p)
		);
		const before = finished(FIRST, acts).score;
		for (const { outcome, points } of items) expect(outcome.score - before).toBeCloseTo(points, 9);
	});
	it('of too long finds shorter, of a skipped question asking, of the wrong toner another', () => {
		const long = plainRun(FIRST, { volume: 30, minutes: 34 });
		expect(reviewed(FIRST, long).map(({ other }) => other.decision)).toContain('shorter');
		const unasked = reviewed(SOLID, plainRun(SOLID).slice(2));
		expect(unasked.find(({ other }) => other.decision === 'asked')?.knowable).toBe('byAsking');
		const blue = plainRun(FIRST).map((act): Act =>
			act.act === 'tone' ? { ...act, tone: 'B', level: 6 } : act
		);
		expect(reviewed(FIRST, blue)[0]?.other.decision).toBe('toner');
	});
	it('of a solid head whose root was left out finds the root; of ends that should not have been, leaving them', () => {
		const bare = plainRun(SOLID).map((act): Act =>
			act.act === 'apply' ? { ...act, on: ['lengths', 'ends'] } : act
		);
		expect(reviewed(SOLID, bare).map(({ other }) => other)).toContainEqual({
			decision: 'added',
			stretch: 'root'
		});
		const boiled = reviewed(SALTS, plainRun(SALTS));
		const left = boiled.find(({ other }) => other.decision === 'left');
		expect(left?.other).toEqual({ decision: 'left', stretch: 'ends' });
		expect(left?.knowable).toBe('byAsking');
		expect(boiled[0]).toBe(left);
	});
	it('tells what a call cost as what nobody could know', () => {
		// So long on it that the minutes of the call are over the time.
		const calls = [20, 25, 30, 35].flatMap((minutes) =>
			reviewed(CALLED, plainRun(CALLED, { volume: 30, minutes })).filter(
				({ other }) => other.decision === 'call'
			)
		);
		expect(calls.length).toBeGreaterThan(0);
		for (const { knowable } of calls) expect(knowable).toBe('no');
	});
	it('of the best run finds next to nothing', () => {
		const { acts } = finish(bestRunSteps(hiddenHead(FIRST)));
		const worth = reviewed(FIRST, acts).reduce((most, { points }) => Math.max(most, points), 0);
		expect(worth).toBeLessThan(3);
	});
});

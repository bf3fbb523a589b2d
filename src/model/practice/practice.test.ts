import { describe, expect, it } from 'vitest';
import { judge, makeQuestion, mattersOf, type Lesson } from '../../core/practice';
import { LESSONS, MOST_ANSWERS } from '../../core/vocabulary';
import { anyDocument, type Learner, type PracticeCard } from '../../schema/records';
import { setProblemWords } from '../../wording/practice';
import {
	abilityIn,
	dueCards,
	eyeOf,
	keepAnswer,
	newLearner,
	nextOf,
	openQuestion,
	takeSet
} from './learner';
import { reviewed } from './schedule';
import { makeSet, missedSet, readSet, setText } from './set';

const NOW = new Date('2026-11-27T09:00:00Z');
const DAY = 24 * 3_600_000;
const later = (days: number) => new Date(NOW.getTime() + days * DAY);
const WHEEL = { lesson: 'wheel', matter: 'orange' } as const;
const daysTo = (card: PracticeCard, from: Date) => (Date.parse(card.due) - from.getTime()) / DAY;

/** Answers a question of a lesson, right or wrong. */
function answer(learner: Learner, lesson: Lesson, matter: string, right: boolean, now = NOW): void {
	const question = makeQuestion(lesson, matter, 3, 7);
	const { answer: form } = question;
	const given =
		form.form === 'figure'
			? form.right + (right ? 0 : 3 + form.within)
			: right
				? form.right
				: form.options.find((option) => option !== form.right)!;
	keepAnswer(learner, question, judge(question, given), now);
}

describe('the schedule', () => {
	it('spaces what was right over more and more days, and brings back what was missed', () => {
		let card: PracticeCard | undefined;
		let now = NOW;
		const gaps: number[] = [];
		for (let i = 0; i < 5; i++) {
			card = reviewed(card, WHEEL, true, now);
			gaps.push(daysTo(card, now));
			now = new Date(card.due);
		}
		expect(gaps[0]).toBeGreaterThanOrEqual(1);
		for (const [i, gap] of gaps.slice(1).entries()) expect(gap).toBeGreaterThan(gaps[i]!);
		const missed = reviewed(card, WHEEL, false, now);
		expect(daysTo(missed, now)).toBeLessThan(gaps.at(-1)! / 2);
		expect(missed.lapses).toBe(1);
		expect(daysTo(reviewed(undefined, WHEEL, false, NOW), NOW)).toBeLessThan(gaps[0]!);
	});
	it('makes the same days of the same answers, and keeps them through a record', () => {
		const twice = [0, 1].map(() =>
			reviewed(reviewed(undefined, WHEEL, true, NOW), WHEEL, true, later(3))
		);
		expect(twice[0]).toEqual(twice[1]);
		const stored = JSON.parse(JSON.stringify(twice[0])) as PracticeCard;
		expect(reviewed(stored, WHEEL, true, later(20))).toEqual(
			reviewed(twice[0], WHEEL, true, later(20))
		);
	});
});

describe('what is asked next', () => {
	it('first what is due, the longest due first; then what was never asked, lesson by lesson', () => {
		const learner = newLearner('Nell', NOW);
		expect(nextOf(learner, ['wheel'], [], NOW)).toEqual({
			lesson: 'wheel',
			matter: mattersOf('wheel')[0],
			isDue: false
		});
		answer(learner, 'wheel', 'orange', true, NOW);
		answer(learner, 'wheel', 'yellow', false, NOW);
		expect(dueCards(learner, NOW)).toEqual([]);
		const when = later(30);
		expect(dueCards(learner, when).map(({ matter }) => matter)).toEqual(['yellow', 'orange']);
		expect(nextOf(learner, LESSONS, [], when)).toMatchObject({ matter: 'yellow', isDue: true });
		expect(dueCards(learner, when, ['sums'])).toEqual([]);
		// A mixed sitting goes on with a lesson that was asked least.
		expect(nextOf(learner, LESSONS, [], NOW).lesson).not.toBe('wheel');
	});
	it('never what nobody teaches any more', () => {
		const learner = newLearner('Nell', NOW);
		answer(learner, 'wheel', 'orange', false);
		const [card] = learner.cards;
		learner.cards = [{ ...card!, matter: 'mauve' }];
		expect(dueCards(learner, later(30))).toEqual([]);
		expect(nextOf(learner, ['wheel'], [], later(30)).matter).not.toBe('mauve');
		const set = { id: 's', name: 'old', questions: makeSet(['wheel'], 1, 2, 1) };
		set.questions[0] = { ...set.questions[0]!, matter: 'mauve' };
		expect(openQuestion(set)).toBe(set.questions[1]);
	});
	it('brings back in the same sitting what was missed three questions ago, never twice running', () => {
		const learner = newLearner('Nell', NOW);
		const sitting: { lesson: Lesson; matter: string; right: boolean }[] = [];
		const asked = (right: boolean) => {
			const { lesson, matter } = nextOf(learner, ['undertone'], sitting, NOW);
			answer(learner, lesson, matter, right);
			sitting.push({ lesson, matter, right });
			return matter;
		};
		const first = asked(false);
		const others = [asked(true), asked(true), asked(true)];
		expect(others).not.toContain(first);
		expect(asked(true)).toBe(first);
		for (let i = 0; i < 12; i++) {
			const before = sitting.at(-1)!.matter;
			expect(asked(i % 3 !== 0)).not.toBe(before);
		}
	});
});

describe('what is kept', () => {
	it('is a document of Zelvant, and no more than it holds', () => {
		const learner = newLearner('Nell', NOW);
		for (const lesson of LESSONS)
			answer(learner, lesson, mattersOf(lesson)[0]!, lesson !== 'level');
		takeSet(learner, 'Monday', makeSet(['level'], 2, 3, 1));
		expect(anyDocument.safeParse(learner).error).toBeUndefined();
		expect(learner.cards).toHaveLength(LESSONS.length);
		expect(learner.answers.find(({ lesson }) => lesson === 'level')?.off).toBeGreaterThan(1);
		expect(learner.answers.find(({ lesson }) => lesson === 'deeper')?.gap).toBeGreaterThan(0);
		const [one] = learner.answers;
		learner.answers = Array.from({ length: MOST_ANSWERS }, () => one!);
		answer(learner, 'sums', 'ratio', true);
		expect(learner.answers).toHaveLength(MOST_ANSWERS);
		expect(learner.answers.at(-1)!.lesson).toBe('sums');
	});
	it('tells how somebody stands in each lesson, and how sharp their eye is', () => {
		const learner = newLearner('Nell', NOW);
		expect(eyeOf(learner)).toBeUndefined();
		for (let i = 0; i < 12; i++) {
			answer(learner, 'wheel', 'orange', true);
			answer(learner, 'toner', 'ash 8', false);
			answer(learner, 'level', 'hair 6-8', true);
		}
		expect(abilityIn(learner, 'wheel').share).toBeGreaterThan(
			abilityIn(learner, 'toner').share + 0.3
		);
		expect(abilityIn(learner, 'wheel').rung).toBeGreaterThan(abilityIn(learner, 'toner').rung);
		expect(abilityIn(learner, 'sums').answered).toBe(0);
		expect(eyeOf(learner)!.levels).toBeLessThan(0.6);
	});
});

describe('a set', () => {
	it('is the same for whoever takes it in', () => {
		const questions = makeSet(['level', 'sums'], 4, 9, 11);
		expect(questions).toHaveLength(9);
		expect(new Set(questions.map(({ lesson }) => lesson))).toEqual(new Set(['level', 'sums']));
		expect(makeSet(['level', 'sums'], 4, 9, 11)).toEqual(questions);
		const read = readSet(setText({ name: 'Monday', questions }));
		expect(read).toEqual({ ok: true, set: { name: 'Monday', questions } });
		for (const { lesson, matter, rung, seed } of questions)
			expect(makeQuestion(lesson, matter, rung as 1, seed)).toEqual(
				makeQuestion(lesson, matter, rung as 1, seed)
			);
	});
	it('of what was missed asks the same matters, and no more than were missed last', () => {
		const learner = newLearner('Nell', NOW);
		answer(learner, 'wheel', 'orange', false);
		answer(learner, 'wheel', 'yellow', false);
		answer(learner, 'wheel', 'yellow', true);
		expect(missedSet(learner, 20, 1).map(({ matter }) => matter)).toEqual(['orange']);
	});
	it('that is none, is broken, newer, or asks what nobody teaches, is refused with words', () => {
		const problem = (text: string) => {
			const read = readSet(text);
			return read.ok ? '' : setProblemWords(read.problem);
		};
		expect(problem('{')).toContain('damaged');
		expect(problem('{"format":"else"}')).toBe('This file is no set of questions.');
		const good = JSON.parse(
			setText({ name: 'x', questions: makeSet(['wheel'], 1, 1, 1) })
		) as Record<string, unknown>;
		expect(problem(JSON.stringify({ ...good, version: 2 }))).toContain('newer');
		expect(
			problem(
				JSON.stringify({
					...good,
					questions: [{ lesson: 'wheel', matter: 'mauve', rung: 1, seed: 1 }]
				})
			)
		).toContain('mauve');
		expect(problem(JSON.stringify({ ...good, questions: [] }))).toContain('no set');
	});
});

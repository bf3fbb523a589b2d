import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { checkCautions } from '../caution';
import { chromaOf, deltaE, levelOf, undertoneOf } from '../colour';
import { chanceOf } from '../numeric';
import { LESSONS } from '../vocabulary';
import { abilityOf, acuityOf, type Evidence } from './ability';
import { offNatural } from './draw';
import { atLevel } from './lessons/sight';
import { underLight } from './light';
import { makeQuestion, mattersOf } from './make';
import { judge, RUNGS, type Lesson, type Question, type Rung } from './question';

/** Questions that were made, for all who ask about them: making those of toners searches. */
const made = new Map<string, Question>();
function question(lesson: Lesson, matter: string, rung: Rung, seed: number): Question {
	const key = [lesson, matter, rung, seed].join('|');
	const known = made.get(key) ?? makeQuestion(lesson, matter, rung, seed);
	made.set(key, known);
	return known;
}
const all = (lesson: Lesson, seeds: readonly number[]): Question[] =>
	mattersOf(lesson).flatMap((matter) =>
		RUNGS.flatMap((rung) => seeds.map((seed) => question(lesson, matter, rung, seed)))
	);

describe('questions', () => {
	it.each(LESSONS)(
		'%s: every matter can be asked at every rung, with one right answer',
		(lesson) => {
			for (const question of all(lesson, [1, 2])) {
				const { answer } = question;
				if (answer.form === 'choice') {
					expect(new Set(answer.options).size).toBe(answer.options.length);
					expect(answer.options.filter((option) => option === answer.right)).toHaveLength(1);
					expect(answer.options.length).toBeGreaterThanOrEqual(2);
					expect(judge(question, answer.right).right).toBe(true);
					for (const other of answer.options)
						expect(judge(question, other).right).toBe(other === answer.right);
				} else {
					expect(judge(question, answer.right).right).toBe(true);
					expect(judge(question, answer.right + answer.within + answer.step).right).toBe(false);
					expect(answer.right).toBeLessThanOrEqual(answer.max);
				}
			}
		}
	);
	it('are the same for one seed, and another strand for another', () => {
		for (const lesson of LESSONS) {
			const matter = mattersOf(lesson)[0]!;
			expect(makeQuestion(lesson, matter, 3, 7)).toEqual(makeQuestion(lesson, matter, 3, 7));
		}
		const seeds = Array.from({ length: 12 }, (_, i) => i);
		const drawn = seeds.map((seed) => makeQuestion('undertone', 'orange', 3, seed).strands[0]);
		expect(new Set(drawn.map((strand) => JSON.stringify(strand))).size).toBe(12);
		expect(() => makeQuestion('undertone', 'purple', 3, 1)).toThrow(RangeError);
	});
	it('of levels: the deeper one is that of the lower level; grey has no warmth', () => {
		for (const { because, answer, strands, gap, matter } of all('deeper', [1, 2, 3])) {
			const levels = strands.map(({ labs }) => levelOf(labs[0]!));
			if (because.lesson === 'deeper') expect(because.levels).toEqual(levels);
			if (answer.form === 'choice')
				expect(answer.right).toBe(levels[0]! < levels[1]! ? 'left' : 'right');
			expect(gap).toBeCloseTo(Math.abs(levels[0]! - levels[1]!), 9);
			if (matter.startsWith('grey'))
				for (const { labs } of strands) expect(chromaOf(labs[0]!)).toBe(0);
		}
		const gaps = RUNGS.map((rung) => makeQuestion('deeper', 'grey 4-6', rung, 5).gap!);
		expect(gaps).toEqual([...gaps].sort((p, q) => q - p));
	});
	it('of levels: half a level off is right, a whole one is not, and how far off it is is told', () => {
		const question = makeQuestion('level', 'hair 6-8', 4, 11);
		if (question.answer.form !== 'figure') throw new Error('a figure was expected');
		const { right } = question.answer;
		expect(right).toBeCloseTo(levelOf(question.strands[0]!.labs[0]!), 0);
		expect(judge(question, right + 0.5)).toEqual({ right: true, off: 0.5 });
		expect(judge(question, right - 1)).toEqual({ right: false, off: -1 });
	});
	it('of undertones: the name is that of the strand, and what is hoped for is another, paler one', () => {
		for (const { answer, strands, ask, matter } of all('undertone', [1, 2, 3])) {
			expect(undertoneOf(strands[0]!.labs[0]!).name).toBe(matter);
			expect(answer).toMatchObject({ right: matter });
			if (ask.lesson === 'undertone' && matter !== 'pale yellow')
				expect(ask.wished).not.toBe(matter);
		}
	});
	it('of toners: the right one comes nearest to the wish, by what each would do', () => {
		for (const { explained, answer, strands } of all('toner', [1, 2])) {
			if (!explained || answer.form !== 'choice') throw new Error('no toner');
			const [wished, ...outcomes] = explained;
			const offs = outcomes.map(({ labs }) => deltaE(labs[0]!, wished!.labs[0]!));
			expect(outcomes.map(({ off }) => off)).toEqual(offs);
			expect(Math.min(...offs)).toBe(offs[Number(answer.right) - 1]);
			for (const { labs } of outcomes)
				expect(labs[0]!.l).toBeLessThanOrEqual(strands[0]!.labs[0]!.l + 1e-6);
		}
	});
	it('are explained on the strand: what stands against a warmth takes most of it', () => {
		for (const { explained, answer, strands } of all('wheel', [1, 2, 3])) {
			if (answer.form !== 'choice') throw new Error('no choice');
			expect(explained!.map(({ of }) => of)).toEqual(answer.options);
			const left = (of: string) => offNatural(explained!.find((each) => each.of === of)!.labs[0]!);
			expect(left(answer.right)).toBeLessThan(0.6 * offNatural(strands[0]!.labs[0]!));
			// What the wheel names leaves the least of all that are offered.
			for (const option of answer.options)
				if (option !== answer.right) expect(left(option)).toBeGreaterThan(left(answer.right) + 0.9);
		}
		for (const { explained, answer } of all('undertone', [1]))
			for (const { of, labs } of explained!) {
				expect(undertoneOf(labs[0]!).name).toBe(of);
				if (answer.form === 'choice') expect(answer.options).toContain(of);
			}
		const lab = makeQuestion('level', 'hair 6-8', 3, 5).strands[0]!.labs[0]!;
		expect(levelOf(atLevel(lab, 4.5))).toBeCloseTo(4.5, 6);
		for (const { explained } of all('ready', [1]))
			expect(explained!.map(({ level }) => level).slice(-2)).not.toContain(NaN);
	});
	it('of codes: the same sign means another tone in the other line', () => {
		const [here, there] = ['Saltern 1', 'Wharf 1'].map((matter) =>
			makeQuestion('code', matter, 1, 3)
		);
		const tone = (question?: Question) =>
			question?.ask.lesson === 'code' ? question.ask.tone : undefined;
		expect(tone(here)).toBe('B');
		expect(tone(there)).toBe('M');
	});
	it('of cautions: what must be settled first is the gravest, and calm heads exist', () => {
		for (const { ask, answer } of all('cautions', [1, 2, 3])) {
			if (ask.lesson !== 'cautions' || answer.form !== 'choice') throw new Error('no caution');
			const found = checkCautions(ask.facts).filter(({ severity }) => severity !== 'note');
			expect(answer.right).toBe(found[0]?.code ?? 'none');
			for (const option of answer.options)
				if (option !== answer.right)
					expect(found.map(({ code }) => code as string)).not.toContain(option);
		}
		expect(makeQuestion('cautions', 'none', 5, 4).answer).toMatchObject({ right: 'none' });
	});
	it('of readiness and rinsing: what is asked for is what comes', () => {
		for (const { answer, matter } of all('ready', [1, 2, 3]))
			expect(answer).toMatchObject({ right: matter });
		for (const { because, answer } of all('rinse', [1, 2])) {
			if (because.lesson !== 'rinse' || answer.form !== 'choice') throw new Error('no rinse');
			const times = because.readyAt.map((minute) => minute ?? Infinity);
			expect(times[Number(answer.right) - 1]).toBe(Math.min(...times));
		}
	});
	it('of faults: each is drawn by what causes it, and seen', () => {
		for (const { answer, matter, ask, explained } of all('faults', [1, 2])) {
			expect(answer).toMatchObject({ right: matter });
			// What was asked for is what the sound part came to.
			const sound = explained!.find(({ of }) => of === 'sound')!;
			if (ask.lesson === 'faults')
				expect(Math.abs(ask.aim - sound.level)).toBeLessThanOrEqual(0.25);
		}
	});
});

describe('a light', () => {
	it('leaves daylight alone, warms under a lamp, darkens at dusk', () => {
		const lab = { l: 60, a: 5, b: 25 };
		expect(underLight(lab, 'daylight')).toBe(lab);
		expect(underLight(lab, 'lamp').b).toBeGreaterThan(lab.b + 3);
		expect(underLight(lab, 'tube').b).toBeLessThan(lab.b);
		expect(underLight(lab, 'dusk').l).toBeLessThan(lab.l - 5);
	});
});

/** Answers of somebody of an ability, or of an eye, drawn by chance. */
function answersOf(theta: number, count: number, seed: number): Evidence[] {
	const chance = chanceOf(seed);
	return Array.from({ length: count }, () => {
		const rung = chance.oneOf(RUNGS);
		const p = 0.25 + 0.75 / (1 + Math.exp(rung - 3 - theta));
		return { lesson: 'wheel', rung, right: chance.uniform() < p, options: 4 };
	});
}

describe('an ability', () => {
	it('is found from answers, the surer the more there are', () => {
		for (const theta of [-1.5, 0, 1.5]) {
			const found = [1, 2, 3, 4, 5, 6].map((seed) => abilityOf(answersOf(theta, 80, seed)));
			const mean = found.reduce((sum, each) => sum + each.mean, 0) / found.length;
			expect(mean).toBeGreaterThan(theta - 0.9);
			expect(mean).toBeLessThan(theta + 0.7);
			expect(found[0]!.sd).toBeLessThan(abilityOf([]).sd / 2);
		}
	});
	it('makes the next question harder after right answers and easier after wrong ones', () => {
		const after = (right: boolean, count: number, rung: number) =>
			abilityOf(Array.from({ length: count }, () => ({ lesson: 'sums', rung, right }))).rung;
		expect(after(true, 0, 1)).toBeLessThanOrEqual(2);
		expect(after(true, 20, 5)).toBe(5);
		expect(after(false, 20, 1)).toBe(1);
		fc.assert(
			fc.property(
				fc.integer({ min: 1, max: 5 }),
				fc.integer({ min: 1, max: 30 }),
				(rung, count) => {
					expect(after(true, count, rung)).toBeGreaterThanOrEqual(after(false, count, rung));
				}
			)
		);
	});
	it('of old answers counts less than of new ones', () => {
		const run = (rights: readonly boolean[]) =>
			abilityOf(
				rights.flatMap((right) =>
					Array.from({ length: 40 }, (): Evidence => ({
						lesson: 'wheel',
						rung: 3,
						right,
						options: 4
					}))
				)
			).mean;
		expect(run([false, true])).toBeGreaterThan(run([true, false]));
	});
});

describe('an eye for levels', () => {
	const eye = (sigma: number, bias: number, seed: number): Evidence[] => {
		const chance = chanceOf(seed);
		return Array.from({ length: 60 }, (_, i): Evidence => {
			if (i % 2) {
				const off = Math.round(2 * (bias + chance.normal(sigma))) / 2;
				return { lesson: 'level', rung: 3, right: Math.abs(off) <= 0.5, off };
			}
			const gap = chance.oneOf([0.3, 0.5, 0.75, 1.2]);
			const right = gap + chance.normal(sigma * Math.SQRT2) > 0;
			return { lesson: 'deeper', rung: 3, right, options: 2, gap };
		});
	};
	it('is told in levels, with its bias, within its band', () => {
		for (const [sigma, bias] of [
			[0.3, 0],
			[0.6, 0.4],
			[1.1, -0.5]
		] as const) {
			const found = [1, 2, 3, 4, 5, 6, 7, 8].map((seed) => acuityOf(eye(sigma, bias, seed))!);
			const inside = found.filter(({ low, high }) => low <= sigma && sigma <= high);
			expect(inside.length).toBeGreaterThanOrEqual(5);
			for (const each of found) expect(Math.abs(each.bias - bias)).toBeLessThan(0.5);
		}
	});
	it('is not told before anybody looked', () => {
		expect(acuityOf([])).toBeUndefined();
		expect(acuityOf(answersOf(1, 5, 1))).toBeUndefined();
	});
});

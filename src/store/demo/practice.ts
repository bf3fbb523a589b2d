import { chanceOf } from '../../core/numeric';
import { mattersOf, RUNGS, type Lesson } from '../../core/practice';
import { keepAnswer, newLearner } from '../../model/practice/learner';
import type { Learner } from '../../schema/records';
import type { Moment } from '../../model/time';

/** How sure the assistant is in each lesson that she began, in logits. */
const SURE: readonly (readonly [Lesson, number])[] = [
	['deeper', 1],
	['level', 0],
	['undertone', 0.3],
	['wheel', 1.4],
	['toner', -0.6],
	['sums', 0.9],
	['cautions', 0.2]
];
/** Days before today on which she sat down, and how many she answered in each lesson. */
const SAT = [19, 17, 14, 12, 9, 6, 4, 2] as const;
const PER_LESSON = 2;
/** Her eye errs by so much, and reads a little light. */
const EYE = { levels: 0.7, bias: 0.3 } as const;
const GAPS = [2, 1.2, 0.75, 0.5, 0.3] as const;

/** Three weeks of an assistant who practises. */
export function demoLearner({ at }: Moment): Learner {
	const chance = chanceOf(41);
	const begun = new Date(at.getTime() - SAT[0] * 24 * 3_600_000);
	const learner: Learner = { ...newLearner('Pia Dorn', begun), id: 'pia-dorn' };
	for (const [n, days] of SAT.entries()) {
		const then = at.getTime() - days * 24 * 3_600_000;
		for (const [k, [lesson, sure]] of SURE.entries()) {
			for (let i = 0; i < PER_LESSON; i++) {
				const matters = mattersOf(lesson);
				const matter = matters[(n * PER_LESSON + i) % matters.length]!;
				const rung = RUNGS[Math.min(4, Math.floor(n / 2) + (sure > 0.5 ? 1 : 0))]!;
				// Nothing is deeper by nothing: -0 is 0.
				const off = Math.round(2 * (EYE.bias + chance.normal(EYE.levels))) / 2 + 0;
				const sight = lesson === 'level';
				const right = sight
					? Math.abs(off) <= 0.5
					: chance.uniform() < 0.25 + 0.75 / (1 + Math.exp(rung - 3 - sure));
				keepAnswer(
					learner,
					{
						lesson,
						matter,
						rung,
						answer:
							sight || lesson === 'sums'
								? { form: 'figure', right: 0, within: 0.5, unit: 'level', step: 0.5, max: 12 }
								: {
										form: 'choice',
										options: lesson === 'deeper' ? ['left', 'right'] : ['1', '2', '3', '4'],
										right: '1'
									},
						...(lesson === 'deeper' ? { gap: GAPS[rung - 1]! } : {})
					},
					{ right, ...(sight ? { off } : {}) },
					new Date(then + (k * PER_LESSON + i) * 20_000)
				);
			}
		}
	}
	return { ...learner, updatedAt: learner.answers.at(-1)!.at };
}

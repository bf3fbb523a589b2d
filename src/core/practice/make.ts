import { chanceOf } from '../numeric';
import {
	CAUTION_MATTERS,
	cautionQuestion,
	FAULT_MATTERS,
	faultQuestion,
	ORDER_MATTERS,
	orderQuestion,
	READY_MATTERS,
	readyQuestion,
	RINSE_MATTERS,
	rinseQuestion
} from './lessons/chair';
import {
	deeperQuestion,
	LEVEL_MATTERS,
	levelQuestion,
	UNDERTONE_MATTERS,
	undertoneQuestion,
	wheelQuestion
} from './lessons/sight';
import { SUM_MATTERS, sumQuestion } from './lessons/sums';
import { CODE_MATTERS, codeQuestion, TONER_MATTERS, tonerQuestion } from './lessons/toner';
import type { Lesson, Question, Rung } from './question';
import type { Chance } from '../numeric';

type Maker = (matter: string, rung: Rung, seed: number, chance: Chance) => Question;

/** Each lesson: what it teaches, and who asks. */
const TAUGHT: Readonly<
	Record<Lesson, { readonly matters: readonly string[]; readonly make: Maker }>
> = {
	deeper: { matters: LEVEL_MATTERS, make: deeperQuestion },
	level: { matters: LEVEL_MATTERS, make: levelQuestion },
	undertone: { matters: UNDERTONE_MATTERS, make: undertoneQuestion },
	wheel: { matters: UNDERTONE_MATTERS, make: wheelQuestion },
	toner: { matters: TONER_MATTERS, make: tonerQuestion },
	code: { matters: CODE_MATTERS, make: codeQuestion },
	sums: { matters: SUM_MATTERS, make: sumQuestion },
	order: { matters: ORDER_MATTERS, make: orderQuestion },
	rinse: { matters: RINSE_MATTERS, make: rinseQuestion },
	ready: { matters: READY_MATTERS, make: readyQuestion },
	faults: { matters: FAULT_MATTERS, make: faultQuestion },
	cautions: { matters: CAUTION_MATTERS, make: cautionQuestion }
};

/** What a lesson teaches, matter by matter. */
export const mattersOf = (lesson: Lesson): readonly string[] => TAUGHT[lesson].matters;

/**
 * A question of a lesson, with the answer that the engine gives.
 * @param matter one of {@link mattersOf} the lesson
 * @param seed a whole number; the same on any machine makes the same question
 * @throws {RangeError} for a matter that the lesson does not teach
 */
export function makeQuestion(lesson: Lesson, matter: string, rung: Rung, seed: number): Question {
	const { matters, make } = TAUGHT[lesson];
	if (!matters.includes(matter)) throw new RangeError(`${lesson} teaches no ${matter}`);
	return make(matter, rung, seed, chanceOf(seed));
}

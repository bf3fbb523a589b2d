import { mattersOf, type Lesson, type Rung } from '../../core/practice';
import { chanceOf } from '../../core/numeric';
import { PRACTICE_FORMAT, practiceSetFile, type SetProblem } from '../../schema/practiceSet';
import type { Learner, PracticeQuestion } from '../../schema/records';

/** Questions that a teacher hands on. */
export interface PracticeSetFile {
	readonly name: string;
	readonly questions: readonly PracticeQuestion[];
}

const seedFrom = (chance: ReturnType<typeof chanceOf>): number =>
	Math.floor(chance.uniform() * (2 ** 31 - 1));

/**
 * A set of questions over some lessons, matter by matter, as evenly as it goes.
 * @param count 1-60
 * @param seed a whole number; the same makes the same set
 */
export function makeSet(
	lessons: readonly Lesson[],
	rung: Rung,
	count: number,
	seed: number
): PracticeQuestion[] {
	const chance = chanceOf(seed);
	const pools = lessons.map((lesson) =>
		mattersOf(lesson)
			.map((matter) => ({ matter, at: chance.uniform() }))
			.sort((p, q) => p.at - q.at)
			.map(({ matter }) => ({ lesson, matter }))
	);
	return Array.from({ length: count }, (_, i) => {
		const pool = pools[i % pools.length]!;
		return { ...pool[Math.floor(i / pools.length) % pool.length]!, rung, seed: seedFrom(chance) };
	});
}

/** What somebody missed last, matter by matter, as a set: other strands, no harder than they were. */
export function missedSet(
	{ answers }: Pick<Learner, 'answers'>,
	count: number,
	seed: number
): PracticeQuestion[] {
	const chance = chanceOf(seed);
	const last = new Map(answers.map((answer) => [`${answer.lesson} ${answer.matter}`, answer]));
	return [...last.values()]
		.filter(({ right }) => !right)
		.slice(-count)
		.map(({ lesson, matter, rung }) => ({ lesson, matter, rung, seed: seedFrom(chance) }));
}

/** A set as a file's text. */
export const setText = ({ name, questions }: PracticeSetFile): string =>
	JSON.stringify({ format: PRACTICE_FORMAT, version: 1, name, questions }, undefined, '\t');

/** Reads a set's file. @returns what is wrong with it, where it is none */
export function readSet(
	text: string
):
	| { readonly ok: true; readonly set: PracticeSetFile }
	| { readonly ok: false; readonly problem: SetProblem } {
	let value: unknown;
	try {
		value = JSON.parse(text);
	} catch {
		return { ok: false, problem: { code: 'damaged' } };
	}
	const parsed = practiceSetFile.safeParse(value);
	if (!parsed.success) {
		const newer = (value as { version?: unknown } | null)?.version;
		const code = typeof newer === 'number' && newer > 1 ? 'newer' : 'foreign';
		return { ok: false, problem: { code } };
	}
	const unknown = parsed.data.questions.find(
		({ lesson, matter }) => !mattersOf(lesson).includes(matter)
	);
	if (unknown) return { ok: false, problem: { code: 'untaught', matter: unknown.matter } };
	return { ok: true, set: { name: parsed.data.name, questions: parsed.data.questions } };
}

import {
	abilityOf,
	acuityOf,
	mattersOf,
	type Judged,
	type Lesson,
	type Question
} from '../../core/practice';
import { LESSONS, MOST_ANSWERS, MOST_SETS } from '../../core/vocabulary';
import type { Learner, PracticeCard, PracticeQuestion, PracticeSet } from '../../schema/records';
import { newId, stamp } from '../identity';
import { reviewed } from './schedule';

/** Somebody who begins. */
export const newLearner = (name: string, now: Date): Learner => ({
	...stamp(now),
	kind: 'learner',
	name,
	answers: [],
	cards: [],
	heads: [],
	looks: [],
	sets: []
});

/** What is asked next. */
export interface Next {
	readonly lesson: Lesson;
	readonly matter: string;
	/** It was asked before, and its day has come. */
	readonly isDue: boolean;
}

const keyOf = ({ lesson, matter }: { readonly lesson: Lesson; readonly matter: string }): string =>
	`${lesson} ${matter}`;

/** Whether a lesson still teaches it: a record may be of another Zelvant. */
const isTaught = ({
	lesson,
	matter
}: {
	readonly lesson: Lesson;
	readonly matter: string;
}): boolean => mattersOf(lesson).includes(matter);

/** What has come due of some lessons, the longest due first. */
export const dueCards = (
	{ cards }: Pick<Learner, 'cards'>,
	now: Date,
	lessons: readonly Lesson[] = LESSONS
): PracticeCard[] =>
	cards
		.filter(
			(card) =>
				lessons.includes(card.lesson) && Date.parse(card.due) <= now.getTime() && isTaught(card)
		)
		.sort((p, q) => p.due.localeCompare(q.due));

/** What was missed comes again in the same sitting, after so many others. */
const AGAIN_AFTER = 3;

/**
 * What to ask next: what was missed a few questions ago, what has come due, what was never asked, in the order in
 * which it is taught; when all of it is known and none is due, what comes due soonest. Never the same twice running.
 * @param sitting what was asked since the learner sat down, oldest first
 */
export function nextOf(
	learner: Pick<Learner, 'cards'>,
	lessons: readonly Lesson[],
	sitting: readonly { readonly lesson: Lesson; readonly matter: string; readonly right: boolean }[],
	now: Date
): Next {
	const askedAt = new Map(sitting.map((asked, i) => [keyOf(asked), { ...asked, i }]));
	const since = (key: string) => {
		const asked = askedAt.get(key);
		return asked === undefined ? Infinity : sitting.length - 1 - asked.i;
	};
	const missed = [...askedAt.values()].find(
		(asked) => !asked.right && lessons.includes(asked.lesson) && since(keyOf(asked)) >= AGAIN_AFTER
	);
	if (missed) return { lesson: missed.lesson, matter: missed.matter, isDue: true };
	const due = dueCards(learner, now, lessons).find((card) => since(keyOf(card)) > 0);
	if (due) return { lesson: due.lesson, matter: due.matter, isDue: true };
	const known = new Set(learner.cards.map(keyOf));
	// Lesson by lesson in turn, so that a mixed sitting is mixed.
	const fresh = lessons
		.map((lesson) => ({
			lesson,
			matter: mattersOf(lesson).find((matter) => !known.has(keyOf({ lesson, matter }))),
			asked: learner.cards.filter((card) => card.lesson === lesson).length
		}))
		.filter((each): each is typeof each & { matter: string } => each.matter !== undefined)
		.sort((p, q) => p.asked - q.asked)
		.find((each) => since(keyOf(each)) > 0);
	if (fresh) return { lesson: fresh.lesson, matter: fresh.matter, isDue: false };
	const [soonest] = learner.cards
		.filter((card) => lessons.includes(card.lesson) && since(keyOf(card)) > 0 && isTaught(card))
		.sort(
			(p, q) =>
				Number(askedAt.has(keyOf(p))) - Number(askedAt.has(keyOf(q))) || p.due.localeCompare(q.due)
		);
	const lesson = soonest?.lesson ?? lessons[0]!;
	return { lesson, matter: soonest?.matter ?? mattersOf(lesson)[0]!, isDue: false };
}

/** Keeps an answer, on a draft: for the ability, and for when it comes again. */
export function keepAnswer(
	draft: Learner,
	question: Pick<Question, 'lesson' | 'matter' | 'rung' | 'answer' | 'gap'>,
	judged: Judged,
	now: Date
): void {
	const { lesson, matter, rung, answer, gap } = question;
	draft.answers.push({
		at: now.toISOString(),
		lesson,
		matter,
		rung,
		right: judged.right,
		...(answer.form === 'choice' ? { options: answer.options.length } : {}),
		...(gap === undefined ? {} : { gap }),
		...(judged.off === undefined ? {} : { off: judged.off })
	});
	draft.answers.splice(0, Math.max(0, draft.answers.length - MOST_ANSWERS));
	const at = draft.cards.findIndex((card) => card.lesson === lesson && card.matter === matter);
	const card = reviewed(draft.cards[at], { lesson, matter }, judged.right, now);
	if (at < 0) draft.cards.push(card);
	else draft.cards[at] = card;
}

/** How somebody stands in a lesson. */
export const abilityIn = ({ answers }: Pick<Learner, 'answers'>, lesson: Lesson) => {
	const own = answers.filter((answer) => answer.lesson === lesson);
	return { ...abilityOf(own), answered: own.length };
};
/** How sharp somebody's eye is for levels; nothing before they looked. */
export const eyeOf = ({ answers }: Pick<Learner, 'answers'>) => acuityOf(answers);

/** The next question of a set that is not answered; nothing once all are. */
export const openQuestion = (set: PracticeSet | undefined) =>
	set?.questions.find((question) => question.right === undefined && isTaught(question));

/** Puts a teacher's set among those of a learner, on a draft; the oldest gives way where there are many. */
export function takeSet(
	draft: Learner,
	name: string,
	questions: readonly PracticeQuestion[]
): string {
	const id = newId();
	draft.sets.push({ id, name, questions: [...questions] });
	draft.sets.splice(0, Math.max(0, draft.sets.length - MOST_SETS));
	return id;
}

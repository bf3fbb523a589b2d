import { createEmptyCard, fsrs, Rating, State, type Card, type CardInput } from 'ts-fsrs';
import type { Lesson } from '../../core/practice';
import type { PracticeCard } from '../../schema/records';

/**
 * When what was asked comes again, by the library's FSRS: spaced over days, so that nine of ten are still known;
 * its chance is left out, so that the same answers make the same days on any machine.
 */
const scheduler = fsrs({
	request_retention: 0.9,
	enable_fuzz: false,
	enable_short_term: false,
	maximum_interval: 180
});

const STATES = [State.New, State.Learning, State.Review, State.Relearning] as const;

/** A card as the library holds it. */
const cardOf = (card: PracticeCard): CardInput => ({
	...createEmptyCard(card.due),
	stability: card.stability,
	difficulty: card.difficulty,
	scheduled_days: card.scheduledDays,
	reps: card.reps,
	lapses: card.lapses,
	state: STATES[card.state] ?? State.New,
	...(card.lastReview === undefined ? {} : { last_review: card.lastReview })
});

const keptOf = (card: Card, lesson: Lesson, matter: string): PracticeCard => ({
	lesson,
	matter,
	due: card.due.toISOString(),
	stability: card.stability,
	difficulty: card.difficulty,
	scheduledDays: card.scheduled_days,
	reps: card.reps,
	lapses: card.lapses,
	state: card.state,
	...(card.last_review ? { lastReview: card.last_review.toISOString() } : {})
});

/** The card of a matter after one more answer. @param card as it was; nothing before the first */
export function reviewed(
	card: PracticeCard | undefined,
	of: { readonly lesson: Lesson; readonly matter: string },
	right: boolean,
	now: Date
): PracticeCard {
	const before = card ? cardOf(card) : createEmptyCard(now);
	const { card: after } = scheduler.next(before, now, right ? Rating.Good : Rating.Again);
	return keptOf(after, of.lesson, of.matter);
}

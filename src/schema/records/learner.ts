import * as z from 'zod/mini';
import {
	BOUNDS,
	HEAD_PARTS,
	HEAD_TONES,
	HEAD_TOPICS,
	LESSONS,
	MOST_ACTS,
	MOST_HEADS,
	MOST_LOOKS,
	MOST_ANSWERS,
	MOST_SETS
} from '../../core/vocabulary';
import * as hair from '../hair';
import { within } from '../hair';
import { id, when, text, document, lab } from './base';
import { zoneName } from './reading';

/** A question by what it is made from: the same on any machine. */
export const practiceQuestion = z.object({
	lesson: z.enum(LESSONS),
	matter: text(40, 1),
	rung: z.int().check(z.minimum(1), z.maximum(5)),
	seed: z.int().check(z.minimum(0), z.maximum(2 ** 31 - 1))
});

const headPart = z.enum(HEAD_PARTS);

/** An act on a simulated head. */
const headAct = z.discriminatedUnion('act', [
	z.object({ act: z.literal('ask'), topic: z.enum(HEAD_TOPICS) }),
	z.object({ act: z.literal('read'), stretch: zoneName, level: hair.level }),
	z.object({ act: z.literal('test') }),
	z.object({
		act: z.literal('mix'),
		product: hair.product,
		volume: within(BOUNDS.volume),
		grams: z.number().check(z.minimum(1), z.maximum(400))
	}),
	z.object({
		act: z.literal('apply'),
		part: headPart,
		on: z.array(zoneName).check(z.minLength(1), z.maxLength(3))
	}),
	z.object({ act: z.literal('wait'), minutes: z.number().check(z.minimum(0), z.maximum(600)) }),
	z.object({ act: z.enum(['check', 'measure', 'wipe']), part: headPart }),
	z.object({ act: z.literal('rinse') }),
	z.object({
		act: z.literal('tone'),
		level: hair.level,
		tone: z.enum(HEAD_TONES),
		minutes: within(BOUNDS.toneMinutes)
	}),
	z.object({ act: z.literal('finish') })
]);

/** Whoever practises: what they answered, and when what they missed comes again. */
export const learner = z.object({
	...document,
	kind: z.literal('learner'),
	name: text(120, 1),
	/** The latest answers, oldest first. */
	answers: z
		.array(
			z.object({
				at: when,
				lesson: z.enum(LESSONS),
				matter: text(40, 1),
				rung: z.int().check(z.minimum(1), z.maximum(5)),
				right: z.boolean(),
				/** Options that there were; left out where a figure was asked. */
				options: z.optional(z.int().check(z.minimum(2), z.maximum(8))),
				/** Levels between what was to be told apart. */
				gap: z.optional(z.number().check(z.minimum(0), z.maximum(12))),
				/** Levels that a named level lay above what was there. */
				off: z.optional(z.number().check(z.minimum(-12), z.maximum(12)))
			})
		)
		.check(z.maxLength(MOST_ANSWERS)),
	/** When each matter comes again, by the scheduler's own reckoning. */
	cards: z
		.array(
			z.object({
				lesson: z.enum(LESSONS),
				matter: text(40, 1),
				due: when,
				lastReview: z.optional(when),
				stability: z.number().check(z.minimum(0)),
				difficulty: z.number().check(z.minimum(0)),
				scheduledDays: z.number().check(z.minimum(0)),
				reps: z.int().check(z.minimum(0)),
				lapses: z.int().check(z.minimum(0)),
				state: z.int().check(z.minimum(0), z.maximum(3))
			})
		)
		.check(z.maxLength(400)),
	/** Simulated heads that were worked, oldest first: by their seed, act by act. */
	heads: z
		.array(
			z.object({
				id,
				at: when,
				seed: z.int().check(z.minimum(1), z.maximum(2 ** 31 - 1)),
				/** What came of it; nothing while it is still worked. */
				score: z.optional(z.number().check(z.minimum(0), z.maximum(100))),
				acts: z.array(headAct).check(z.maxLength(MOST_ACTS))
			})
		)
		.check(z.maxLength(MOST_HEADS)),
	/** Swatches that were read by eye and by instruments, oldest first. */
	looks: z
		.array(
			z.object({
				at: when,
				level: hair.level,
				undertone: z.optional(hair.undertoneName),
				reader: z.optional(lab),
				picture: z.optional(lab),
				/** Level that the ring gives it. */
				ring: z.optional(hair.level)
			})
		)
		.check(z.maxLength(MOST_LOOKS)),
	/** Whether what the eye is known to be off by is offered as a correction in visits. */
	corrects: z.optional(z.literal(true)),
	/** Sets of questions from a teacher, with what was answered. */
	sets: z
		.array(
			z.object({
				id,
				name: text(120, 1),
				questions: z
					.array(z.extend(practiceQuestion, { right: z.optional(z.boolean()) }))
					.check(z.minLength(1), z.maxLength(60))
			})
		)
		.check(z.maxLength(MOST_SETS))
});

export type Learner = z.infer<typeof learner>;

export type WorkedHead = Learner['heads'][number];

export type PracticeCard = Learner['cards'][number];

export type PracticeSet = Learner['sets'][number];

export type PracticeQuestion = z.infer<typeof practiceQuestion>;

import * as z from 'zod/mini';
import { BOUNDS, LEARNED_OF_HEADS, SENSITIVITIES } from '../../core/vocabulary';
import { within } from '../hair';
import { day, text, document } from './base';

export const patchTest = z.object({ date: day, reacted: z.boolean() });

export const sensitivity = z.enum(SENSITIVITIES);

export const client = z.object({
	...document,
	kind: z.literal('client'),
	name: text(120, 1),
	contact: text(200),
	note: text(4000),
	underSixteen: z.boolean(),
	/** What this person is known not to bear. */
	sensitivities: z.array(sensitivity).check(z.maxLength(8)),
	washesPerWeek: within(BOUNDS.washesPerWeek),
	/** Uses of a violet maintenance shampoo at home; none unless said. */
	violetPerWeek: z.optional(within(BOUNDS.violetPerWeek)),
	/** The same of a blue one. */
	bluePerWeek: z.optional(within(BOUNDS.violetPerWeek)),
	/** Comes for a gloss every so many weeks, between the visits. */
	glossWeeks: z.optional(within(BOUNDS.glossWeeks)),
	patchTests: z.array(patchTest).check(z.maxLength(200)),
	/** What is not learned of this head: predictions take it as typical. */
	learnOff: z.optional(z.array(z.enum(LEARNED_OF_HEADS)).check(z.maxLength(3)))
});

export type Client = z.infer<typeof client>;

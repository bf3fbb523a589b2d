import * as z from 'zod/mini';
import {
	AREAS,
	BOUNDS,
	CURE_ACTS,
	STEP_KINDS,
	TEST_RESULTS,
	TONER_PLACES,
	TONE_FAULTS
} from '../core/vocabulary';
import * as hair from './hair';
import { within } from './hair';
import { chosenPart } from './records';

const parts = z.array(chosenPart).check(z.maxLength(8));

/**
 * What a row of the ledger is: an application, a toner, what was done where something went wrong, a strand that was
 * tried, or what a visit came to.
 */
export const ledgerThing = z.discriminatedUnion('kind', [
	z.object({
		kind: z.literal('lightening'),
		step: z.enum(['main', ...STEP_KINDS]),
		plan: z.object({
			product: hair.product,
			volume: hair.volume,
			ratio: hair.ratio,
			placement: hair.placement
		}),
		areas: z.optional(z.readonly(z.array(z.enum(AREAS)))),
		/** What was weighed for it: all of the mixture, and every strength of it, the weakest first. */
		weighed: z.optional(
			z.object({
				grams: z.number().check(z.minimum(0), z.maximum(100_000)),
				volumes: z.readonly(z.array(within(BOUNDS.volumeOrNone)).check(z.maxLength(60)))
			})
		)
	}),
	z.object({
		kind: z.literal('toner'),
		/** Colour that is no toner, or goes on before it. */
		as: z.optional(z.enum(['lowlights', 'filler', 'firstToner'])),
		place: z.optional(z.enum(TONER_PLACES)),
		lineId: z.optional(z.string().check(z.maxLength(80))),
		line: z.optional(z.string().check(z.maxLength(80))),
		ratio: hair.ratio,
		parts
	}),
	z.object({
		kind: z.literal('cure'),
		fault: z.enum(TONE_FAULTS),
		act: z.enum(CURE_ACTS),
		parts
	}),
	z.object({
		kind: z.literal('trial'),
		result: z.enum(TEST_RESULTS)
	}),
	z.object({
		kind: z.literal('bench'),
		/** What the strand was before. */
		start: z.object({ level: hair.level, undertone: hair.undertoneName }),
		lineId: z.optional(z.string().check(z.maxLength(80))),
		line: z.optional(z.string().check(z.maxLength(80))),
		ratio: hair.ratio,
		parts,
		rating: z.optional(z.int().check(z.minimum(1), z.maximum(5)))
	}),
	z.object({
		kind: z.literal('visit'),
		aim: z.object({ level: hair.level, direction: hair.direction }),
		tone: z.string().check(z.maxLength(120))
	})
]);
export type LedgerThing = z.infer<typeof ledgerThing>;

const cell = (most: number) => z.string().check(z.maxLength(most));

/** A row as a file holds it, once its figures are read: what people see, and what it was. */
export const ledgerFileRow = z.object({
	date: z.iso.date(),
	head: cell(200),
	colourist: cell(120),
	'natural level': hair.naturalLevel,
	texture: hair.texture,
	warmth: hair.warmth,
	minutes: z.optional(z.number().check(z.minimum(0), z.maximum(1440))),
	expected: z.optional(hair.level),
	seen: z.optional(hair.level),
	notes: cell(4000),
	record: ledgerThing
});

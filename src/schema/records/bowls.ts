import * as z from 'zod/mini';
import {
	BOUNDS,
	MIXED_KINDS,
	ORDER_NAMES,
	PICKING_NAMES,
	RINSE_MODES,
	STRAND_PARTS,
	TECHNIQUES,
	TONER_PLACES
} from '../../core/vocabulary';
import * as hair from '../hair';
import { wholeWithin, within } from '../hair';
import { STRAND_WAYS } from './aim';
import { id, when, text } from './base';
import { headSection } from './lift';

/** A bowl as it was really weighed; its strength and ratio are those it was mixed for. */
export const mixedBowl = z.object({
	/** What it goes by for good, whatever its sections are called or where they stand. */
	id: text(200, 1),
	kind: z.enum(MIXED_KINDS),
	/** The hair it went on, where it is a toner for some of it alone. */
	place: z.optional(z.enum(TONER_PLACES)),
	/** The application of the day that it belongs to; none for colour beside it. */
	step: z.optional(text(64)),
	/** Its place in the order of mixing when it was weighed. */
	number: z.int().check(z.minimum(1), z.maximum(60)),
	at: when,
	/** 0 where nothing develops it. */
	volume: within(BOUNDS.volumeOrNone),
	ratio: z.number().check(z.minimum(0), z.maximum(4)),
	/** The sections it serves, by what they go by. */
	sections: z.array(id).check(z.maxLength(80)),
	/** The part of the strand it goes on, where several are worked apart. */
	part: z.optional(z.enum(STRAND_PARTS)),
	/** What it was for in the words of an older record, where no section answers to them any more. */
	heldFor: z.optional(z.array(text(120)).check(z.maxLength(40))),
	parts: z
		.array(
			z.object({
				/** What it goes by in this bowl: `lightener`, `second`, `developer:20`, `colour:…`, `additive`. */
				key: text(200, 1),
				/** What it was called then. */
				name: text(120),
				grams: z.number().check(z.minimum(0), z.maximum(5000)),
				target: z.number().check(z.minimum(0), z.maximum(5000))
			})
		)
		.check(z.maxLength(8)),
	/** Everything that belongs in it is in it. */
	done: z.boolean()
});

export const bowlsPlan = z.object({
	technique: z.enum(TECHNIQUES),
	foils: wholeWithin(BOUNDS.foils),
	/** How hair is picked up, unless a section says otherwise. */
	picking: z.enum(PICKING_NAMES),
	order: z.enum(ORDER_NAMES),
	/** Sections as somebody set them, in their order; absent while they are as proposed. */
	sections: z.optional(z.array(headSection).check(z.minLength(1), z.maxLength(40))),
	/** Root and lengths in one go, one after the other, or at once with a strength each. */
	strand: z.enum(STRAND_WAYS),
	/** Bowls of several strengths; otherwise the one of the lift throughout. */
	staged: z.boolean(),
	/** Whether staged bowls may be stronger than the lift was planned with; asked for, never assumed. */
	aboveChosen: z.boolean(),
	/** Whether bowls may also differ in how creamy they are. */
	ratioLever: z.boolean(),
	/** Weakest bowl, volumes, where it is not the usual. */
	leastVolume: z.optional(hair.volume),
	/** The last section gets a bowl of its own. */
	freshLast: z.boolean(),
	rinse: z.object({
		/** Absent: as is usual for work of this length. */
		mode: z.optional(z.enum(RINSE_MODES)),
		/** Minute of the one rinse; absent: as reckoned. */
		minute: z.optional(within(BOUNDS.rinseMinute)),
		/** Blocks of sections that rinse together, the first on first; absent: two. */
		blocks: z.optional(wholeWithin(BOUNDS.rinseBlocks))
	}),
	/** Pairs of hands that put it on. */
	hands: wholeWithin(BOUNDS.hands),
	/** Somebody mixes, wipes and rinses. */
	assistant: z.boolean(),
	/** Time of day of the first brush stroke. */
	startAt: z.optional(z.string().check(z.regex(/^([01]\d|2[0-3]):[0-5]\d$/))),
	mixed: z.array(mixedBowl).check(z.maxLength(60))
});

export type BowlsPlan = z.infer<typeof bowlsPlan>;

export type MixedBowl = z.infer<typeof mixedBowl>;

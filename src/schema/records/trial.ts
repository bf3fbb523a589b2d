import * as z from 'zod/mini';
import { BENCH_STRANDS, MOST_STRANDS } from '../../core/vocabulary';
import * as hair from '../hair';
import { id, when, day, text, document } from './base';
import { tonerMix } from './tone';

/** A strand on the bench, what was put on it, and what came of it. */
export const benchStrand = z.object({
	id,
	/** Loose hair, a lock of an extension, or a strand of the client's own. */
	kind: z.enum(BENCH_STRANDS),
	/** What it is before anything goes on: its level, and the warmth in it. */
	level: hair.level,
	undertone: hair.undertoneName,
	porosity: hair.porosity,
	mix: tonerMix,
	/** Its clock; without a start it was not put on yet. */
	clock: z.object({
		startedAt: z.optional(when),
		runningSince: z.optional(when),
		elapsedSeconds: z.number().check(z.minimum(0), z.maximum(86_400)),
		offAt: z.optional(when)
	}),
	/** Level and tone as somebody saw them, dry, and the level that was expected of it then. */
	seen: z.optional(
		z.object({
			level: z.optional(hair.level),
			tone: z.optional(text(40)),
			expected: z.optional(hair.level)
		})
	),
	/** How near it is to what is wanted, 1-5. */
	rating: z.optional(z.int().check(z.minimum(1), z.maximum(5))),
	note: text(500)
});

/** A morning at the bench: formulas tried on strands, until one is right. */
export const trial = z.object({
	...document,
	kind: z.literal('trial'),
	/** What is looked for, in the salon's own words. */
	name: text(120, 1),
	date: day,
	colourist: text(120),
	/** For whom; left out, for nobody yet. */
	clientId: z.optional(id),
	/** The colour that is looked for. */
	aim: z.object({ level: hair.level, direction: hair.direction }),
	strands: z.array(benchStrand).check(z.maxLength(MOST_STRANDS))
});

export type Trial = z.infer<typeof trial>;

export type BenchStrand = z.infer<typeof benchStrand>;

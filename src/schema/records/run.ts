import * as z from 'zod/mini';
import {
	ACT_KINDS,
	BOUNDS,
	CHECK_WORDS,
	CLOCKS,
	CURE_ACTS,
	HEATS,
	MOST_PARTS,
	SCALP_FEELS,
	STRAND_PARTS,
	STRETCHES,
	TAP_ACTS,
	TONER_PLACES,
	TONE_FAULTS
} from '../../core/vocabulary';
import * as hair from '../hair';
import { within } from '../hair';
import { id, when, text } from './base';
import { chosenPart } from './lift';
import { zoneName } from './reading';

export const checkNote = z.object({
	id,
	minute: within(BOUNDS.seenMinute),
	zone: zoneName,
	/** The section that was looked at; absent where the head was. */
	section: z.optional(id),
	part: z.optional(z.enum(STRAND_PARTS)),
	/** What was seen, in a word or as a level. */
	word: z.optional(z.enum(CHECK_WORDS)),
	level: z.optional(hair.level),
	undertone: z.optional(hair.undertoneName),
	stretch: z.optional(z.enum(STRETCHES)),
	heat: z.optional(z.enum(HEATS)),
	scalp: z.optional(z.enum(SCALP_FEELS)),
	text: text(500),
	/** A picture of the strand, a document of its own. */
	picture: z.optional(id),
	/** How what lies on the section works, and what was expected of it then: what the look is judged by. */
	lay: z.optional(
		z.object({
			minutes: within(BOUNDS.seenMinute),
			volume: hair.volume,
			ratio: hair.ratio,
			bowlAgeMinutes: within(BOUNDS.seenMinute),
			expected: hair.level
		})
	),
	/** It was read when the lightener was off and the hair dry: where the lift ended. */
	dry: z.optional(z.literal(true)),
	/** The further application after which it was read so; left out, the main one. */
	step: z.optional(text(64)),
	/** Whether what is left of the plan bends to it; absent while nobody has said. */
	counts: z.optional(z.boolean())
});

/** A timer that was started, or is held. */
const timer = z.object({
	/** When it last started running; absent while held. */
	runningSince: z.optional(when),
	/** Seconds gathered before that. */
	elapsedSeconds: z.number().check(z.minimum(0), z.maximum(86_400)),
	startedAt: z.optional(when)
});

/** What lies on the hair beside the sections of the main application, with a clock of its own. */
export const processClock = z.extend(timer, {
	/** A further application by its id, `lowlights`, `filler`, `toner`, the toner on a zone, or a step of a rinse. */
	of: text(64, 1),
	/** Minutes that it was planned to lie when it was put on, where the plan of the day does not say so. */
	minutes: z.optional(within(BOUNDS.toneMinutes)),
	/** When somebody last looked at it, minutes on this clock. */
	lookedMinute: z.optional(z.number().check(z.minimum(0), z.maximum(1440))),
	/** When it was taken off. */
	offAt: z.optional(when)
});

/** The clock of the device jumped while something lay on the hair, and somebody said which was right. */
const clockJump = z.object({
	at: when,
	/** How far the clock on the wall went ahead of one that nobody can set; negative: back. */
	byMinutes: z.number().check(z.minimum(-1440), z.maximum(1440)),
	took: z.enum(CLOCKS)
});

export const run = z.extend(timer, {
	clockJumps: z.optional(z.array(clockJump).check(z.maxLength(20))),
	rinsedAtMinute: z.optional(z.number().check(z.minimum(0), z.maximum(1440))),
	/**
	 * Whole minutes that the main application lay on what is typical of the head, and on the root where that was worked
	 * apart, and its strength, where it was mixed otherwise than planned; told when it is off. Absent in records of before.
	 */
	lain: z.optional(
		z.object({
			minutes: within(BOUNDS.lainMinutes),
			root: z.optional(within(BOUNDS.lainMinutes)),
			volume: z.optional(within(BOUNDS.volumeOrNone))
		})
	),
	/** What was planned and never came about: it is no part of the day any more. */
	leftOut: z.optional(
		z
			.array(
				z.object({
					what: z.enum(ACT_KINDS),
					/** The hair it was for, where it was a toner for some of it alone. */
					place: z.optional(z.enum(TONER_PLACES)),
					minutes: within(BOUNDS.lainMinutes),
					at: when
				})
			)
			.check(z.maxLength(20))
	),
	notes: z.array(checkNote).check(z.maxLength(200)),
	/** What was done to single sections, in the order in which it was tapped. */
	taps: z.optional(
		z
			.array(
				z.object({
					act: z.enum(TAP_ACTS),
					section: id,
					part: z.optional(z.enum(STRAND_PARTS)),
					/** Minutes on the timer. */
					minute: z.number().check(z.minimum(0), z.maximum(1440)),
					/** The strength of a fresh bowl that it was coated with. */
					volume: z.optional(hair.volume)
				})
			)
			.check(z.maxLength(400))
	),
	/** What went wrong, and what was done about it. */
	cures: z.optional(
		z
			.array(
				z.object({
					id,
					at: when,
					fault: z.enum(TONE_FAULTS),
					level: hair.level,
					undertone: z.optional(hair.undertoneName),
					act: z.enum(CURE_ACTS),
					/** What was mixed for it. */
					parts: z.optional(z.array(chosenPart).check(z.maxLength(MOST_PARTS))),
					minutes: z.optional(within(BOUNDS.toneMinutes)),
					/** The level that was expected of it. */
					expected: hair.level
				})
			)
			.check(z.maxLength(30))
	),
	/** Everything else that lies on the hair today, or did. */
	clocks: z.optional(z.array(processClock).check(z.maxLength(60))),
	/** Sections that are not tapped count as on when the plan says so. */
	followsPlan: z.optional(z.literal(true)),
	/** When the last section was on, and what was reckoned for usual hands, minutes. */
	allOn: z.optional(
		z.object({
			minute: z.number().check(z.minimum(1), z.maximum(600)),
			reckonedMinutes: z.number().check(z.minimum(0.1), z.maximum(600))
		})
	)
});

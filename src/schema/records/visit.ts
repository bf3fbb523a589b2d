import * as z from 'zod/mini';
import {
	BOUNDS,
	STATIONS,
	STRETCHES,
	SURPRISE_CAUSES,
	VISIT_STATUSES
} from '../../core/vocabulary';
import * as hair from '../hair';
import { wholeWithin, within } from '../hair';
import { aim } from './aim';
import { id, when, day, text, document } from './base';
import { bowlsPlan } from './bowls';
import { liftDay, liftWay } from './lift';
import { zoneName, areaName, reading } from './reading';
import { run } from './run';
import { tonePlan } from './tone';

/** What somebody saw of some of the hair at the end, dry. */
const seenPlace = z.object({
	level: z.optional(hair.level),
	/** In a word. */
	tone: z.optional(text(40)),
	stretch: z.optional(z.enum(STRETCHES))
});

const expectedEnd = z.object({ toned: hair.level, lifted: hair.level });

export const result = z.object({
	/** Level that somebody saw at the end; left out, nobody looked. */
	level: z.optional(hair.level),
	/** In records of before, whether it was seen or only expected was not told apart. */
	unsure: z.optional(z.literal(true)),
	/**
	 * What was expected when it was recorded: toned, and lifted under the toner as far as somebody had looked by then;
	 * and the lift as it was predicted before anybody did.
	 */
	expected: z.optional(
		z.extend(expectedEnd, {
			predicted: z.optional(hair.level),
			zones: z.optional(z.partialRecord(zoneName, expectedEnd)),
			areas: z.optional(z.partialRecord(areaName, expectedEnd))
		})
	),
	/**
	 * What was planned when it began, or when it was recorded without a clock: minutes at the chair, grams of lightener
	 * mixed, the price by the rates.
	 */
	planned: z.optional(
		z.object({
			minutes: wholeWithin(BOUNDS.tookMinutes),
			grams: wholeWithin(BOUNDS.dayGrams),
			price: z.optional(within(BOUNDS.price))
		})
	),
	/** The same of single zones, and of areas that are not as the rest. */
	zones: z.optional(z.partialRecord(zoneName, seenPlace)),
	areas: z.optional(z.partialRecord(areaName, seenPlace)),
	/** Why it went otherwise than expected, as the colourist has it. */
	causes: z.optional(z.array(z.enum(SURPRISE_CAUSES)).check(z.maxLength(6))),
	/** What was offered and not wanted. */
	refused: z.optional(text(1000)),
	/** A picture of the end, a document of its own; and where its grey card lies, shares of its width and height. */
	picture: z.optional(id),
	card: z.optional(z.object({ x: hair.share, y: hair.share })),
	tone: text(120),
	notes: text(4000),
	/** Nothing is learned from it. */
	untaught: z.optional(z.literal(true)),
	leftoverGrams: z.optional(within(BOUNDS.leftoverGrams)),
	returnWeeks: z.optional(wholeWithin(BOUNDS.returnWeeks)),
	/** Minutes from sitting down to getting up, and what was asked for it, as they came. */
	tookMinutes: z.optional(wholeWithin(BOUNDS.tookMinutes)),
	price: z.optional(within(BOUNDS.price)),
	recordedAt: z.optional(when)
});

export const station = z.enum(STATIONS);

export const visit = z.object({
	...document,
	kind: z.literal('visit'),
	clientId: id,
	colourist: text(120),
	date: day,
	status: z.enum(VISIT_STATUSES),
	chairSince: z.optional(when),
	/** Stations the colourist has said are done. */
	settled: z.array(station).check(z.maxLength(7)),
	reading,
	aim,
	...liftDay,
	/** Nothing is lightened today: the hair is toned or coloured as it is. */
	noLift: z.optional(z.literal(true)),
	/** Ways that were weighed against it, side by side. */
	ways: z.array(liftWay).check(z.maxLength(3)),
	/** Where several visits were planned together: which of them this is. */
	series: z.optional(
		z.object({
			id,
			number: z.int().check(z.minimum(1), z.maximum(60)),
			/** What was promised when it was planned: the level that this visit leaves, and after how many all is done. */
			promise: z.optional(
				z.object({
					level: hair.level,
					visits: z.int().check(z.minimum(1), z.maximum(60)),
					date: day
				})
			)
		})
	),
	bowls: bowlsPlan,
	run,
	tone: tonePlan,
	result,
	/** The price that was named to the client, and when. */
	quote: z.optional(z.object({ low: within(BOUNDS.price), high: within(BOUNDS.price), date: day })),
	/** Stops and questions passed, with the reason that was written. */
	passed: z.array(z.object({ code: text(60), reason: text(1000), at: when })).check(z.maxLength(60))
});

export type Visit = z.infer<typeof visit>;

export type Station = z.infer<typeof station>;

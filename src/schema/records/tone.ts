import * as z from 'zod/mini';
import {
	BOUNDS,
	MOST_PARTS,
	MOST_PLACED,
	TONER_CHOICES,
	TONER_ORDERS,
	TONER_PLACES
} from '../../core/vocabulary';
import * as hair from '../hair';
import { wholeWithin, within } from '../hair';
import { colourAim } from './aim';
import { id, text } from './base';
import { chosenPart } from './lift';

/** A toner as it is mixed and left. */
export const tonerMix = z.object({
	lineId: z.optional(text(80)),
	vehicle: hair.vehicle,
	ratio: hair.ratio,
	minutes: within(BOUNDS.toneMinutes),
	totalGrams: wholeWithin(BOUNDS.toneGrams),
	/** Another developer than the line's own. */
	developerVolume: z.optional(within(BOUNDS.volumeOrNone)),
	/** `none` is an answer too. */
	choice: z.enum(TONER_CHOICES),
	parts: z.array(chosenPart).check(z.maxLength(MOST_PARTS))
});

/** A toner that goes on some of the hair, and what it is to make of that. */
export const placedToner = z.extend(tonerMix, {
	id,
	place: z.enum(TONER_PLACES),
	/** How far it reaches, from the scalp or from the tips, cm. */
	cm: z.optional(within(BOUNDS.rootDepthCm)),
	aim: colourAim,
	/** What the hair it goes on is, where that is not of this head. */
	start: z.optional(z.object({ level: hair.level, undertone: hair.undertoneName }))
});

export const tonePlan = z.extend(tonerMix, {
	/**
	 * What goes on before the toner and is rinsed before it: warm colour, where very light hair is taken
	 * down, or the first of two toners.
	 */
	filler: z.optional(
		z.object({
			parts: z.array(chosenPart).check(z.minLength(1), z.maxLength(MOST_PARTS)),
			minutes: within(BOUNDS.toneMinutes),
			/** Set where it is a toner itself: two-step toning. */
			isToner: z.optional(z.boolean())
		})
	),
	/** Toners of their own on some of the hair. */
	placed: z.optional(z.array(placedToner).check(z.maxLength(MOST_PLACED))),
	/** In which order it goes on; the warmest first unless said. */
	order: z.optional(z.enum(TONER_ORDERS)),
	/** All of it goes on damp hair. */
	damp: z.optional(z.literal(true)),
	/** Porous hair was evened out first. */
	evened: z.optional(z.literal(true))
});

export type TonePlan = z.infer<typeof tonePlan>;

export type TonerMix = z.infer<typeof tonerMix>;

export type PlacedToner = z.infer<typeof placedToner>;

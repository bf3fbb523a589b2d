import * as z from 'zod/mini';
import { BOUNDS, HISTORY_KINDS, HISTORY_REACHES } from '../core/vocabulary';
import * as hair from './hair';
import { within } from './hair';
import { shelf, shelfLine, shelfShade } from './records';

/** What is asked when a client is written down: a name that one knows again. */
export const newClientForm = z.object({
	name: z.string().check(
		// Trimmed when it is sent: a form that trims what is being typed takes the space out of a name.
		z.refine((name) => name.trim() !== '', 'A name is needed, any name you will know again.'),
		z.maxLength(120)
	)
});

/** A line of colour as it is entered: its key and its shades come after it. */
export const lineForm = z.pick(shelfLine, {
	name: true,
	vehicle: true,
	ratio: true,
	minutes: true,
	developerVolume: true
});

/** A shade as it is entered: its code, and what that means. */
export const shadeForm = z.pick(shelfShade, { code: true, level: true, tone: true });

/** A sign of a line's key, and what it means in the letters of the model. */
export const keyForm = z.object({
	sign: z.string().check(
		z.refine((sign) => sign.trim() !== '', 'Something has to stand here.'),
		z.maxLength(12)
	),
	meaning: shelfShade.shape.tone
});

/** What was done to hair before today, as it is told: of these facts each kind of service uses its own. */
export const historyForm = z.object({
	kind: z.enum(HISTORY_KINDS),
	date: z.iso.date(),
	onto: z.enum(HISTORY_REACHES),
	vehicle: hair.vehicle,
	level: hair.level,
	tone: hair.tone,
	toLevel: hair.level,
	cm: within(BOUNDS.cutCm)
});
export type HistoryFacts = z.infer<typeof historyForm>;

/** How a salon works and what it asks for: everything of its shelf that is not stock. */
export const salonForm = z.pick(shelf, {
	pace: true,
	handPace: true,
	handPaces: true,
	ceilings: true,
	limitMinutes: true,
	limits: true,
	scaleStep: true,
	additive: true,
	costs: true,
	rates: true,
	lightenerName: true
});
export type SalonSettings = z.infer<typeof salonForm>;

/** What of a file is taken in: the file itself is read before, and what is wrong with it is said there. */
export const importForm = z.object({
	file: z.string().check(z.minLength(1, 'Choose a file first.')),
	take: z.array(z.enum(['client', 'visit', 'shelf'])).check(z.minLength(1, 'Nothing is chosen.'))
});

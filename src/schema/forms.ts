import * as z from 'zod/mini';
import { shelfLine, shelfShade } from './records';

/** What is asked when a client is written down: a name that one knows again. */
export const newClientForm = z.object({
	name: z
		.string()
		.check(
			z.trim(),
			z.minLength(1, 'A name is needed, any name you will know again.'),
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
	sign: z.string().check(z.trim(), z.minLength(1), z.maxLength(12)),
	meaning: shelfShade.shape.tone
});

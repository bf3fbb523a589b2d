import * as z from 'zod/mini';
import { document } from './base';

/** A small copy of a picture that hair was read from. */
export const picture = z.object({
	...document,
	kind: z.literal('picture'),
	image: z.instanceof(Blob)
});

/** The same in a file, where everything is text. */
export const pictureInFile = z.extend(picture, {
	image: z
		.string()
		.check(z.maxLength(400_000), z.regex(/^data:image\/jpeg;base64,[A-Za-z0-9+/]+=*$/))
});

export type Picture = z.infer<typeof picture>;

import * as z from 'zod/mini';
import { BOUNDS } from '../../core/vocabulary';
import { within } from '../hair';

/** Version of every stored document. Raise it with a migration in `migrations.ts`. */
export const SCHEMA_VERSION = 9 as const;

export const id = z.string().check(z.regex(/^[\w-]{1,64}$/));

export const when = z.iso.datetime();

export const day = z.iso.date();

export const text = (most: number, least = 0) =>
	z.string().check(z.minLength(least), z.maxLength(most));

export const document = {
	schemaVersion: z.literal(SCHEMA_VERSION),
	id,
	createdAt: when,
	updatedAt: when
};

/** CIELAB of something that was measured. */
export const lab = z.object({
	l: within(BOUNDS.lightness),
	a: within(BOUNDS.labAxis),
	b: within(BOUNDS.labAxis)
});

import * as z from 'zod/mini';
import { fileDocument } from './records';

/** The mark and version of a `.zelvant.json` file. */
export const FILE_FORMAT = 'zelvant-records';
export const FILE_VERSION = 1;

/** A `.zelvant.json` file: all documents, or one client's. */
export const recordsFile = z.object({
	format: z.literal(FILE_FORMAT),
	version: z.literal(FILE_VERSION),
	exportedAt: z.iso.datetime(),
	documents: z.array(fileDocument),
	/** Values that could not be read where they come from, as they were found. */
	aside: z.optional(z.array(z.object({ key: z.string(), reason: z.string(), value: z.unknown() })))
});

import { z } from 'zod';
import { anyDocument } from './records';

/** The mark and version of a `.zelvant.json` file. */
export const FILE_FORMAT = 'zelvant-records';
export const FILE_VERSION = 1;

/** A `.zelvant.json` file: all documents, or one client's. */
export const recordsFile = z.object({
	format: z.literal(FILE_FORMAT),
	version: z.literal(FILE_VERSION),
	exportedAt: z.iso.datetime(),
	documents: z.array(anyDocument)
});

export type RecordsFile = z.infer<typeof recordsFile>;

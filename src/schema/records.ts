import * as z from 'zod/mini';
import { client } from './records/client';
import { learner } from './records/learner';
import { picture, pictureInFile } from './records/picture';
import { shelf } from './records/shelf';
import { trial } from './records/trial';
import { visit } from './records/visit';

export { SCHEMA_VERSION } from './records/base';
export * from './records/client';
export * from './records/reading';
export * from './records/aim';
export * from './records/lift';
export * from './records/bowls';
export * from './records/run';
export * from './records/tone';
export * from './records/visit';
export * from './records/shelf';
export * from './records/trial';
export * from './records/learner';
export * from './records/picture';

/** Any stored document. */
export const anyDocument = z.discriminatedUnion('kind', [
	client,
	visit,
	shelf,
	trial,
	learner,
	picture
]);

/** Any document as a file holds it. */
export const fileDocument = z.discriminatedUnion('kind', [
	client,
	visit,
	shelf,
	trial,
	learner,
	pictureInFile
]);

export type AnyDocument = z.infer<typeof anyDocument>;

import { nanoid } from 'nanoid';
import { SCHEMA_VERSION, type AnyDocument } from '../schema/records';

/** Key of a document in its store. */
export const keyOf = (document: Pick<AnyDocument, 'kind' | 'id'>): string =>
	`${document.kind}:${document.id}`;

/** A random id of 21 characters. By a workspace: a page over plain http has no `crypto.randomUUID`. */
export const newId = (): string => nanoid();

/** The fields every new document starts with. */
export function stamp(now: Date) {
	const iso = now.toISOString();
	return { schemaVersion: SCHEMA_VERSION, id: newId(), createdAt: iso, updatedAt: iso };
}

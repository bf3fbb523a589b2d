import { migrate } from '../schema/migrations';
import { anyDocument, type AnyDocument } from '../schema/records';
import { FILE_FORMAT, FILE_VERSION, type RecordsFile } from '../schema/file';
import { keyOf } from '../model/identity';

/** Largest file that is read: a hundred salons' years; anything larger is something else. */
export const MAX_FILE_BYTES = 50 * 1024 * 1024;

/** Everything, or one client with their visits, as a file's content. */
export function exportRecords(
	documents: readonly AnyDocument[],
	now: Date,
	clientId?: string
): RecordsFile {
	const chosen = clientId
		? documents.filter(
				(document) =>
					(document.kind === 'client' && document.id === clientId) ||
					(document.kind === 'visit' && document.clientId === clientId)
			)
		: documents;
	return {
		format: FILE_FORMAT,
		version: FILE_VERSION,
		exportedAt: now.toISOString(),
		documents: [...chosen].sort((p, q) => keyOf(p).localeCompare(keyOf(q)))
	};
}

/** What an import would do. Nothing happens until it is accepted. */
export interface ImportPreview {
	readonly added: readonly AnyDocument[];
	readonly changed: readonly AnyDocument[];
	readonly same: readonly AnyDocument[];
	readonly refused: readonly { readonly what: string; readonly why: string }[];
}

export type ImportOutcome =
	| { readonly ok: true; readonly preview: ImportPreview }
	| { readonly ok: false; readonly problem: ImportProblem; readonly message: string };

export type ImportProblem = 'tooLarge' | 'damaged' | 'foreign' | 'newer';

const refused = (problem: ImportProblem, message: string): ImportOutcome => ({
	ok: false,
	problem,
	message: `${message} Nothing was changed.`
});

const isRecord = (value: unknown): value is Record<string, unknown> =>
	typeof value === 'object' && value !== null && !Array.isArray(value);

const label = (value: unknown, index: number): string => {
	if (!isRecord(value)) return `entry ${index + 1}`;
	const name = value['name'] ?? value['date'] ?? value['id'];
	return `${typeof value['kind'] === 'string' ? value['kind'] : 'entry'} ${typeof name === 'string' ? name : index + 1}`;
};

/** One spelling per content: parsing puts the fields in the order of the schema. */
const canonical = (document: AnyDocument): string => JSON.stringify(anyDocument.parse(document));

/**
 * Reads a file's text and says what it would add, change and refuse. Of two versions of a document
 * the one in the file counts as a change whenever it differs.
 * @param text the file's content
 * @param present the documents there now
 */
export function previewImport(text: string, present: readonly AnyDocument[]): ImportOutcome {
	if (text.length > MAX_FILE_BYTES) {
		return refused('tooLarge', 'This file is over 50 MB, far more than any salon’s records.');
	}
	let value: unknown;
	try {
		value = JSON.parse(text);
	} catch {
		return refused(
			'damaged',
			'This file is cut off or damaged: it cannot be read as records. Export it again where it came from.'
		);
	}
	if (!isRecord(value) || value['format'] !== FILE_FORMAT || !Array.isArray(value['documents'])) {
		return refused('foreign', 'This is not a file of Zelvant records.');
	}
	if (typeof value['version'] !== 'number' || value['version'] > FILE_VERSION) {
		return refused('newer', 'This file was written by a newer Zelvant. Update this one first.');
	}
	const here = new Map(present.map((document) => [keyOf(document), document]));
	const added: AnyDocument[] = [];
	const changed: AnyDocument[] = [];
	const same: AnyDocument[] = [];
	const refusals: { what: string; why: string }[] = [];
	const seen = new Set<string>();
	value['documents'].forEach((entry: unknown, index) => {
		const migrated = migrate(entry);
		if (!migrated.ok) {
			const why =
				migrated.problem === 'newer' ? 'written by a newer Zelvant' : 'not a document of Zelvant';
			refusals.push({ what: label(entry, index), why });
			return;
		}
		const parsed = anyDocument.safeParse(migrated.document);
		if (!parsed.success) {
			const issue = parsed.error.issues[0];
			refusals.push({
				what: label(entry, index),
				why: `${issue?.path.join('.') ?? ''}: ${issue?.message ?? 'does not fit'}`
			});
			return;
		}
		const document = parsed.data;
		const key = keyOf(document);
		if (seen.has(key)) {
			refusals.push({ what: label(entry, index), why: 'stands in the file twice' });
			return;
		}
		seen.add(key);
		const mine = here.get(key);
		if (!mine) added.push(document);
		else if (canonical(mine) === canonical(document)) same.push(document);
		else changed.push(document);
	});
	const known = new Set(
		[...present, ...added].flatMap(({ kind, id }) => (kind === 'client' ? [id] : []))
	);
	const orphan = (document: AnyDocument) =>
		document.kind === 'visit' && !known.has(document.clientId);
	for (const document of added.filter(orphan)) {
		refusals.push({ what: label(document, 0), why: 'its client is neither here nor in the file' });
	}
	return {
		ok: true,
		preview: {
			added: added.filter((document) => !orphan(document)),
			changed,
			same,
			refused: refusals
		}
	};
}

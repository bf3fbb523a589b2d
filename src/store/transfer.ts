import { picturesOf } from '../model/visit/pictures';
import type { AnyDocument, FileDocument } from '../schema/records';
import { blobOfDataUrl, dataUrlOf } from '../schema/picture';
import { dequal as equal } from 'dequal/lite';
import { FILE_FORMAT, FILE_VERSION, type RecordsFile } from '../schema/file';
import { keyOf } from '../model/identity';
import { readDocument, type SetAside } from './workspace.svelte';

/** Largest file that is read: a hundred salons' years; anything larger is something else. */
export const MAX_FILE_BYTES = 50 * 1024 * 1024;

/** What is exported: documents, and what could not be read. */
export interface Exported {
	readonly all: readonly AnyDocument[];
	readonly aside?: readonly SetAside[] | undefined;
}

/** Everything, or one client with their visits and pictures, as a file's content. */
export async function exportRecords(
	{ all: documents, aside = [] }: Exported,
	now: Date,
	clientId?: string
): Promise<RecordsFile> {
	const own = (document: AnyDocument): boolean =>
		(document.kind === 'client' && document.id === clientId) ||
		(document.kind === 'visit' && document.clientId === clientId);
	const pictures = new Set(
		documents.flatMap((document) =>
			document.kind === 'visit' && own(document) ? picturesOf(document) : []
		)
	);
	const chosen = clientId
		? documents.filter(
				(document) => own(document) || (document.kind === 'picture' && pictures.has(document.id))
			)
		: documents;
	const written = await Promise.all(chosen.map(inFile));
	return {
		format: FILE_FORMAT,
		version: FILE_VERSION,
		exportedAt: now.toISOString(),
		documents: written.sort((p, q) => keyOf(p).localeCompare(keyOf(q))),
		...(clientId === undefined && aside.length > 0 ? { aside: [...aside] } : {})
	};
}

const inFile = async (document: AnyDocument): Promise<FileDocument> =>
	document.kind === 'picture' ? { ...document, image: await dataUrlOf(document.image) } : document;

/** What an import would do. Nothing happens until it is accepted. */
export interface ImportPreview {
	readonly added: readonly AnyDocument[];
	readonly changed: readonly AnyDocument[];
	readonly same: readonly AnyDocument[];
	readonly refused: readonly { readonly what: string; readonly why: string }[];
	/** Values that could not be read where the file comes from: they would be set aside here too. */
	readonly aside: readonly SetAside[];
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
		const read = readDocument(unpacked(entry));
		if (!read.ok) {
			refusals.push({ what: label(entry, index), why: read.reason });
			return;
		}
		for (const document of [read.document, ...read.also]) {
			const key = keyOf(document);
			if (seen.has(key)) {
				if (document === read.document)
					refusals.push({ what: label(entry, index), why: 'stands in the file twice' });
				continue;
			}
			seen.add(key);
			const mine = here.get(key);
			if (!mine) added.push(document);
			else if (equal(mine, document)) same.push(document);
			else changed.push(document);
		}
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
			refused: refusals,
			aside: asideIn(value['aside'])
		}
	};
}

/** A document of a file as it is stored: its picture is no longer text. */
function unpacked(entry: unknown): unknown {
	if (!isRecord(entry) || entry['kind'] !== 'picture') return entry;
	const { image } = entry;
	if (typeof image !== 'string') return entry;
	try {
		return { ...entry, image: blobOfDataUrl(image) };
	} catch {
		// No picture after all; it is refused with the others that do not fit.
		return entry;
	}
}

const asideIn = (value: unknown): SetAside[] =>
	(Array.isArray(value) ? value : []).flatMap((entry: unknown) =>
		isRecord(entry) && typeof entry['key'] === 'string' && typeof entry['reason'] === 'string'
			? [{ key: entry['key'], reason: entry['reason'], value: entry['value'] }]
			: []
	);

import { dequal as equal } from 'dequal/lite';
import { keyOf } from '../model/identity';
import type { AnyDocument } from '../schema/records';
import type { Exported, Following } from './exportFile';
import { readDocument, type SetAside } from './readDocument';
import { FileFault, piecesOf, type FileProblem } from './recordsFile';

/** A document of a file, by what tells it from the others. */
export interface ImportItem {
	readonly key: string;
	readonly kind: AnyDocument['kind'];
	readonly name: string;
}

/** What an import would do. Nothing happens until it is accepted. */
export interface ImportPreview {
	readonly added: readonly ImportItem[];
	readonly changed: readonly ImportItem[];
	/** How many stand here already as they stand in the file. */
	readonly same: number;
	readonly refused: readonly { readonly what: string; readonly why: string }[];
	/** Values that could not be read where the file comes from: they would be set aside here too. */
	readonly aside: readonly SetAside[];
}

export type ImportOutcome =
	| { readonly ok: true; readonly preview: ImportPreview }
	| { readonly ok: false; readonly problem: FileProblem; readonly message: string };

/** Documents that are read, compared or brought in together. */
const AT_ONCE = 200;

const labelOf = (value: unknown, index: number): string => {
	if (typeof value !== 'object' || value === null) return `entry ${index + 1}`;
	const { kind, name, date, id } = value as Record<string, unknown>;
	const called = name ?? date ?? id;
	return `${typeof kind === 'string' ? kind : 'entry'} ${typeof called === 'string' ? called : index + 1}`;
};
const itemOf = (document: AnyDocument): ImportItem => ({
	key: keyOf(document),
	kind: document.kind,
	name:
		document.kind === 'client' || document.kind === 'trial' || document.kind === 'learner'
			? document.name
			: document.kind === 'visit'
				? document.date
				: ''
});

/**
 * Goes through a file and says what it would add, change and refuse. Of two versions of a document the one in the
 * file counts as a change whenever it differs.
 * @param present the documents there now
 * @returns what it would do, or why it is no file of records; nothing where it was stopped
 */
export async function previewImport(
	file: Blob,
	present: Exported & { readonly clients: { has(id: string): boolean } },
	{ onprogress, signal }: Following = {}
): Promise<ImportOutcome | undefined> {
	const added: (ImportItem & { readonly clientId: string | undefined })[] = [];
	const changed: ImportItem[] = [];
	let same = 0;
	const refused: { what: string; why: string }[] = [];
	let aside: readonly SetAside[] = [];
	const seen = new Set<string>();
	const clients = new Set<string>();

	async function compare(documents: readonly AnyDocument[]): Promise<void> {
		const here = new Map<string, AnyDocument>();
		for await (const { document } of present.walk(documents.map(keyOf))) {
			here.set(keyOf(document), document);
		}
		for (const document of documents) {
			const mine = here.get(keyOf(document));
			const item = itemOf(document);
			if (!mine) {
				added.push({
					...item,
					clientId: document.kind === 'visit' ? document.clientId : undefined
				});
			} else if (equal(mine, document)) same++;
			else changed.push(item);
		}
	}
	try {
		let waiting: AnyDocument[] = [];
		let index = -1;
		for await (const piece of piecesOf(file)) {
			if (signal?.aborted) return undefined;
			if ('aside' in piece) {
				aside = piece.aside;
				continue;
			}
			index++;
			const read = readDocument(piece.entry);
			if (!read.ok) {
				refused.push({ what: labelOf(piece.entry, index), why: read.reason });
				continue;
			}
			for (const document of [read.document, ...read.also]) {
				const key = keyOf(document);
				if (seen.has(key)) {
					if (document === read.document)
						refused.push({ what: labelOf(piece.entry, index), why: 'stands in the file twice' });
					continue;
				}
				seen.add(key);
				if (document.kind === 'client') clients.add(document.id);
				waiting.push(document);
			}
			if (waiting.length >= AT_ONCE) {
				await compare(waiting);
				waiting = [];
				onprogress?.(piece.share);
			}
		}
		await compare(waiting);
	} catch (error) {
		if (error instanceof FileFault) {
			return { ok: false, problem: error.problem, message: error.message };
		}
		// Moved, taken away or forbidden since it was chosen.
		return {
			ok: false,
			problem: 'damaged',
			message: 'The device does not let this file be read. Nothing was changed.'
		};
	}
	const isOrphan = ({ clientId }: (typeof added)[number]) =>
		clientId !== undefined && !clients.has(clientId) && !present.clients.has(clientId);
	for (const { name } of added.filter(isOrphan)) {
		refused.push({ what: `visit ${name}`, why: 'its client is neither here nor in the file' });
	}
	return {
		ok: true,
		preview: {
			added: added.filter((item) => !isOrphan(item)),
			changed,
			same,
			refused,
			aside
		}
	};
}

/**
 * The documents of a file that are wanted, part by part; what a migration parts from one comes with it.
 * @param wanted keys, as a preview told them
 * @throws where the file cannot be read any longer
 */
export async function* wantedOf(
	file: Blob,
	wanted: ReadonlySet<string>,
	{ onprogress, signal }: Following = {}
): AsyncGenerator<readonly AnyDocument[]> {
	let part: AnyDocument[] = [];
	const taken = new Set<string>();
	for await (const piece of piecesOf(file)) {
		if (signal?.aborted) return;
		if ('aside' in piece) continue;
		const read = readDocument(piece.entry);
		if (!read.ok || !wanted.has(keyOf(read.document))) continue;
		for (const document of [read.document, ...read.also]) {
			if (taken.has(keyOf(document))) continue;
			taken.add(keyOf(document));
			part.push(document);
		}
		if (part.length >= AT_ONCE) {
			yield part;
			part = [];
			onprogress?.(piece.share);
		}
	}
	if (part.length > 0) yield part;
}

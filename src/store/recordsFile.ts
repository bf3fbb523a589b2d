import { blobOfDataUrl } from '../schema/picture';
import { FILE_FORMAT, FILE_VERSION } from '../schema/file';
import type { SetAside } from './readDocument';

/**
 * A file of records is one JSON value, written so that it can be read piece by piece: a first line with what it is,
 * one document a line, and a last line with what was set aside. A file in any other layout, as somebody's editor
 * writes it, is read whole.
 */

/** Largest file that is read whole, bytes. */
export const MOST_READ_WHOLE = 50 * 1024 * 1024;

export type FileProblem = 'tooLarge' | 'damaged' | 'foreign' | 'newer';

/** Why a file is none of records. */
export class FileFault extends Error {
	constructor(
		readonly problem: FileProblem,
		message: string
	) {
		super(`${message} Nothing was changed.`);
	}
}

/** A piece of a file: what should be a document, or what was set aside where it comes from. */
export type FilePiece =
	| { readonly entry: unknown; readonly share: number }
	| { readonly aside: readonly SetAside[] };

export const firstLine = (exportedAt: string): string =>
	`{"format":"${FILE_FORMAT}","version":${FILE_VERSION},"exportedAt":"${exportedAt}","documents":[\n`;
export const lastLine = (aside: readonly SetAside[]): string =>
	aside.length > 0 ? `\n],"aside":${JSON.stringify(aside)}}\n` : '\n]}\n';

/**
 * The pieces of a file, one after the other.
 * @throws {FileFault} where it is no file of records, or ends before its end
 * @throws where the device does not let it be read
 */
export async function* piecesOf(file: Blob): AsyncGenerator<FilePiece> {
	const head = await file.slice(0, 512).text();
	if (/^\{"format":"[\w-]+","version":\d+,"exportedAt":"[\w:.-]+","documents":\[\r?\n/.test(head)) {
		yield* byLines(file);
	} else yield* whole(file);
}

async function* byLines(file: Blob): AsyncGenerator<FilePiece> {
	let read = 0;
	let begun = false;
	for await (const { line, bytes } of linesOf(file)) {
		read += bytes;
		if (!begun) {
			begun = true;
			checked(parsed(`${line}]}`));
		} else if (line.startsWith(']')) {
			const { aside } = parsed(`{"documents":[${line}`) as { aside?: unknown };
			yield { aside: asideIn(aside) };
			return;
		} else if (line.trim() !== '') {
			yield { entry: unpacked(parsed(line.replace(/,\s*$/, ''))), share: read / file.size };
		}
	}
	throw cutOff();
}

/** Lines of a file, the last one also where nothing ends it. */
async function* linesOf(
	file: Blob
): AsyncGenerator<{ readonly line: string; readonly bytes: number }> {
	const decoder = new TextDecoder();
	const PART = 1024 * 1024;
	let left = '';
	for (let at = 0; at < file.size; at += PART) {
		const bytes = await file.slice(at, at + PART).arrayBuffer();
		const lines = (left + decoder.decode(bytes, { stream: true })).split('\n');
		left = lines.pop()!;
		for (const line of lines) yield { line, bytes: line.length + 1 };
	}
	if (left !== '') yield { line: left, bytes: left.length };
}

async function* whole(file: Blob): AsyncGenerator<FilePiece> {
	if (file.size > MOST_READ_WHOLE) {
		throw new FileFault(
			'tooLarge',
			'A file over 50 MB is read as Zelvant writes it, one document a line, and this one is not.'
		);
	}
	const value = checked(parsed(await file.text()));
	const documents = value['documents'] as unknown[];
	for (const [i, entry] of documents.entries()) {
		yield { entry: unpacked(entry), share: (i + 1) / documents.length };
	}
	yield { aside: asideIn(value['aside']) };
}

const cutOff = () =>
	new FileFault(
		'damaged',
		'This file is cut off or damaged: it cannot be read as records. Export it again where it came from.'
	);

function parsed(text: string): unknown {
	try {
		return JSON.parse(text);
	} catch {
		throw cutOff();
	}
}

const isRecord = (value: unknown): value is Record<string, unknown> =>
	typeof value === 'object' && value !== null && !Array.isArray(value);

/** What a file says it is, if it is ours to read. */
function checked(value: unknown): Record<string, unknown> {
	if (!isRecord(value) || value['format'] !== FILE_FORMAT || !Array.isArray(value['documents'])) {
		throw new FileFault('foreign', 'This is not a file of Zelvant records.');
	}
	if (typeof value['version'] !== 'number' || value['version'] > FILE_VERSION) {
		throw new FileFault(
			'newer',
			'This file was written by a newer Zelvant. Update this one first.'
		);
	}
	return value;
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

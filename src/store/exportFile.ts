import { picturesOf } from '../model/visit/pictures';
import { dataUrlOf } from '../schema/picture';
import type { AnyDocument, Trial, Visit } from '../schema/records';
import type { SetAside } from './readDocument';
import { firstLine, lastLine } from './recordsFile';

/** What is exported: documents one after the other, and what could not be read. */
export interface Exported {
	walk(
		only?: readonly string[]
	): AsyncIterable<{ readonly document: AnyDocument; readonly share: number }>;
	readonly aside: readonly SetAside[];
}

/** How an export goes on, and what stops it. */
export interface Following {
	/** Share that is done, 0-1. */
	readonly onprogress?: ((share: number) => void) | undefined;
	readonly signal?: AbortSignal | undefined;
}

/** Text is handed to the browser in pieces of this length: it need not stay in memory. */
const PIECE = 1024 * 1024;

/**
 * Everything, or some documents, as a file.
 * @param only keys of what is wanted
 * @returns the file; nothing where it was stopped
 */
export async function exportRecords(
	records: Exported,
	now: Date,
	only?: readonly string[],
	{ onprogress, signal }: Following = {}
): Promise<Blob | undefined> {
	const pieces: Blob[] = [];
	let text = firstLine(now.toISOString());
	let isFirst = true;
	for await (const { document, share } of records.walk(only)) {
		if (signal?.aborted) return undefined;
		text += `${isFirst ? '' : ',\n'}${JSON.stringify(await inFile(document))}`;
		isFirst = false;
		if (text.length > PIECE) {
			pieces.push(new Blob([text]));
			text = '';
			onprogress?.(share);
		}
	}
	text += lastLine(only ? [] : records.aside);
	return new Blob([...pieces, text], { type: 'application/json' });
}

/** Keys of all that is of one client: with their visits, pictures of these, and what was tried for them. */
export const keysOfClient = (
	clientId: string,
	visits: readonly Visit[],
	trials: Iterable<Trial> = []
): string[] => [
	`client:${clientId}`,
	...new Set(visits.flatMap(picturesOf).map((id) => `picture:${id}`)),
	...[...trials].flatMap((trial) => (trial.clientId === clientId ? [`trial:${trial.id}`] : [])),
	...visits.map(({ id }) => `visit:${id}`)
];

const inFile = async (document: AnyDocument): Promise<unknown> =>
	document.kind === 'picture' ? { ...document, image: await dataUrlOf(document.image) } : document;

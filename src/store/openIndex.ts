import type { VisitCard } from '../model/index/card';
import type { LedgerLeaf } from '../model/index/leaf';
import { keyOf } from '../model/identity';
import type { AnyDocument } from '../schema/records';
import type { Reading } from './journalledStore';
import { readDocument, type SetAside } from './readDocument';
import {
	AFTER_ALL,
	AFTER_CARDS,
	AFTER_CLIENTS,
	isWhole,
	cardsOf,
	META,
	newMeta,
	PageMaker,
	validMeta,
	type IndexMeta
} from './recordIndex';

/** What a workspace begins with: of visits their cards, of all else what every page needs. */
export interface Opened {
	readonly sequence: number;
	/** How many documents there are by the index. */
	readonly count: number;
	readonly cards: readonly VisitCard[];
	/** Clients and the shelf. */
	readonly documents: readonly AnyDocument[];
	readonly aside: readonly SetAside[];
	/** What a migration parted, to be written down: each document with what came out of it. */
	readonly parted: readonly AnyDocument[];
	/** Leaves of the ledger, where the index that would hold them could not be written. */
	readonly leaves: readonly LedgerLeaf[] | undefined;
}

/** Reads what the index says; nothing where it is not of what is stored. */
export async function readIndex(from: Reading): Promise<Opened | undefined> {
	const meta = validMeta(await from.index.get(META), from.sequence);
	if (!meta) return undefined;
	const cards: VisitCard[] = [];
	await from.index.each(AFTER_CARDS, (page) => cards.push(...cardsOf(page)));
	const values: [string, unknown][] = [];
	await from.documents.each(AFTER_CLIENTS, (value, key) => values.push([key, value]));
	for (const key of [...meta.whole, ...meta.aside]) {
		values.push([key, await from.documents.get(key)]);
	}
	const documents: AnyDocument[] = [];
	const aside: SetAside[] = [];
	for (const [key, value] of values) {
		const read = readDocument(value);
		if (read.ok) documents.push(read.document);
		else if (!aside.some((one) => one.key === key)) aside.push({ key, reason: read.reason, value });
	}
	const { sequence } = from;
	return {
		sequence,
		count: meta.documents,
		cards,
		documents,
		aside,
		parted: [],
		leaves: undefined
	};
}

/**
 * Makes the index from all documents: before the first, after a new version, or where an earlier Zelvant wrote.
 * @param onprogress share that is done, 0-1
 */
export async function makeIndex(
	from: Reading,
	onprogress?: (share: number) => void
): Promise<Opened> {
	const count = (await from.documents.keys()).length;
	const maker = new PageMaker();
	const cards: VisitCard[] = [];
	const documents: AnyDocument[] = [];
	const parted: AnyDocument[] = [];
	const aside: SetAside[] = [];
	let walked = 0;
	await from.documents.each(AFTER_ALL, (value, key) => {
		onprogress?.(++walked / count);
		const read = readDocument(value);
		if (!read.ok) {
			aside.push({ key, reason: read.reason, value });
			return;
		}
		const { document, also } = read;
		if (document.kind === 'visit') cards.push(maker.add(document));
		else if (document.kind !== 'picture') documents.push(document);
		if (also.length > 0) parted.push(document, ...also);
	});
	const meta: IndexMeta = newMeta({
		sequence: from.sequence,
		documents: count,
		whole: documents.map(keyOf).filter(isWhole),
		aside: aside.map(({ key }) => key)
	});
	// Without it everything works, and is read once more the next time.
	const written = await from.rewriteIndex(maker.pages(meta)).then(
		() => true,
		() => false
	);
	const leaves = written ? undefined : maker.leaves;
	return { sequence: from.sequence, count, cards, documents, aside, parted, leaves };
}

/** Opens the records behind their index, which is made first where it is not of what is stored. */
export const openIndex = async (
	from: Reading,
	onprogress?: (share: number) => void
): Promise<Opened> => (await readIndex(from)) ?? makeIndex(from, onprogress);

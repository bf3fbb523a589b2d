import { cardOf, type VisitCard } from '../model/index/card';
import { leafOf, type LedgerLeaf } from '../model/index/leaf';
import { SCHEMA_VERSION, type AnyDocument, type Visit } from '../schema/records';
import type { Batch } from './journalledStore';

/**
 * The index beside the documents: for every month the cards of its visits, for every day their leaves of the
 * ledger. It is written with the documents, in one batch, and made anew from them whenever it is not of the last
 * one. Cards are all read when the records are opened, and stand there as text: that is read soonest.
 */
const INDEX_VERSION = `${SCHEMA_VERSION}.7`;

const CARD = 'card:';
const LEAF = 'leaf:';
export const leafKey = (day: string): string => `${LEAF}${day}`;
const monthOf = (day: string): string => day.slice(0, 7);
const cardKey = (month: string): string => `${CARD}${month}`;
/** The first key after all cards. */
export const AFTER_CARDS = 'card;';
/** The first key after all clients, of the documents. */
export const AFTER_CLIENTS = 'client;';
/** After any key. */
export const AFTER_ALL = '~';

export const META = 'meta';

/** What the whole index is of. */
export interface IndexMeta {
	readonly version: string;
	/** The batch that it was written with. */
	readonly sequence: number;
	/** How many documents there are. */
	readonly documents: number;
	/** Keys of documents that are always in memory beside the clients: the shelf, mornings at the bench, whoever
	 * practises. */
	readonly whole: readonly string[];
	/** Keys of what cannot be read. */
	readonly aside: readonly string[];
}

/** The index, if it is of the last batch; nothing where it is not, or is none. */
export function validMeta(value: unknown, sequence: number): IndexMeta | undefined {
	const meta = value as Partial<IndexMeta> | null | undefined;
	return meta?.version === INDEX_VERSION &&
		meta.sequence === sequence &&
		typeof meta.documents === 'number' &&
		Array.isArray(meta.whole) &&
		Array.isArray(meta.aside)
		? (meta as IndexMeta)
		: undefined;
}

export const newMeta = (meta: Omit<IndexMeta, 'version'>): IndexMeta => ({
	...meta,
	version: INDEX_VERSION
});

/** Cards or leaves of a page as it was found; none where it is no page. */
export const cardsOf = (value: unknown): readonly VisitCard[] => {
	try {
		return typeof value === 'string' ? (JSON.parse(value) as VisitCard[]) : [];
	} catch {
		return [];
	}
};
export const leavesOf = (value: unknown): readonly LedgerLeaf[] =>
	Array.isArray(value) ? (value as LedgerLeaf[]) : [];

/** A document before and after. */
export interface Written {
	readonly key: string;
	readonly was: AnyDocument | undefined;
	readonly now: AnyDocument | undefined;
}

/** Visits that leave and join a page. */
interface PageChange {
	readonly out: Set<string>;
	readonly in: Visit[];
}

/** What some changes do to the pages, by what a page is of. */
function pageChanges(
	written: readonly Written[],
	pageOf: (day: string) => string
): Map<string, PageChange> {
	const pages = new Map<string, PageChange>();
	const at = (day: string) => {
		const page = pages.get(pageOf(day)) ?? { out: new Set<string>(), in: [] };
		pages.set(pageOf(day), page);
		return page;
	};
	for (const { was, now } of written) {
		if (was?.kind === 'visit') at(was.date).out.add(was.id);
		if (now?.kind === 'visit') {
			at(now.date).out.add(now.id);
			at(now.date).in.push(now);
		}
	}
	return pages;
}

/**
 * The pages that some changes touch, to be written with them.
 * @param read a page as it is stored
 */
export async function changedPages(
	written: readonly Written[],
	read: (key: string) => Promise<unknown>
): Promise<Batch> {
	const put: { readonly key: string; readonly value: unknown }[] = [];
	const remove: string[] = [];
	for (const [month, { out, in: joining }] of pageChanges(written, monthOf)) {
		const key = cardKey(month);
		const kept = cardsOf(await read(key)).filter(({ id }) => !out.has(id));
		const cards = [...kept, ...joining.map(cardOf)];
		if (cards.length === 0) remove.push(key);
		else put.push({ key, value: JSON.stringify(cards) });
	}
	for (const [day, { out, in: joining }] of pageChanges(written, (each) => each)) {
		const key = leafKey(day);
		const kept = leavesOf(await read(key)).filter(({ visitId }) => !out.has(visitId));
		const leaves = [...kept, ...joining.map(leafOf)];
		if (leaves.length === 0) remove.push(key);
		else put.push({ key, value: leaves });
	}
	return { put, remove };
}

/** Whether a document is always in memory without being a client. */
export const isWhole = (key: string): boolean => /^(shelf|trial|learner):/.test(key);

function wholeAfter(keys: readonly string[], written: readonly Written[]): string[] {
	const next = new Set(keys);
	for (const { key, now } of written) {
		if (now && isWhole(key)) next.add(key);
		else next.delete(key);
	}
	return [...next];
}

/**
 * Documents with all that the index says of them, as one batch.
 * @param sequence of the last batch
 * @param aside values that cannot be read, to be kept beside the documents
 */
export async function withIndex(
	written: readonly Written[],
	sequence: number,
	read: (key: string) => Promise<unknown>,
	aside: readonly { readonly key: string; readonly value: unknown }[] = []
): Promise<Batch> {
	const pages = await changedPages(written, read);
	const meta = (await read(META)) as IndexMeta | null | undefined;
	// An index that is not of the last batch stays as it is, and is made anew by the next one who opens.
	const isValid = meta?.version === INDEX_VERSION && meta.sequence === sequence;
	const grown = written.reduce(
		(sum, { was, now }) => sum + (now ? 1 : 0) - (was ? 1 : 0),
		aside.length
	);
	const next = isValid && {
		...meta,
		sequence: sequence + 1,
		documents: meta.documents + grown,
		whole: wholeAfter(meta.whole, written),
		aside: [...meta.aside, ...aside.map(({ key }) => key)]
	};
	return {
		put: [
			...written.flatMap(({ key, now }) => (now ? [{ key, value: now }] : [])),
			...aside.map(({ key, value }) => ({ key, value })),
			...pages.put,
			...(next ? [{ key: META, value: next }] : [])
		],
		remove: [...written.flatMap(({ key, now }) => (now ? [] : [key])), ...pages.remove]
	};
}

/**
 * Pages of some days as they are once many documents were brought in.
 * @param cards of all visits by now
 * @param fresh leaves of what was brought in
 * @param stored reads a page as it is stored
 */
export async function* pagesOfDays(
	days: ReadonlySet<string>,
	cards: Iterable<VisitCard>,
	fresh: ReadonlyMap<string, LedgerLeaf>,
	stored: (key: string) => Promise<unknown>
): AsyncGenerator<readonly [string, unknown]> {
	const months = new Map([...days].map((day): [string, VisitCard[]] => [monthOf(day), []]));
	for (const card of cards) months.get(monthOf(card.date))?.push(card);
	for (const [month, own] of months) {
		yield [cardKey(month), JSON.stringify(own)];
		const byDay = new Map<string, VisitCard[]>();
		for (const card of own) if (days.has(card.date)) append(byDay, card.date, card);
		for (const day of days) {
			if (monthOf(day) !== month) continue;
			const old = new Map(leavesOf(await stored(leafKey(day))).map((leaf) => [leaf.visitId, leaf]));
			const ids = (byDay.get(day) ?? []).map(({ id }) => id);
			yield [leafKey(day), ids.flatMap((id) => fresh.get(id) ?? old.get(id) ?? [])];
		}
	}
}

/** Pages of all visits, as they are gathered one by one. */
export class PageMaker {
	readonly #cards = new Map<string, VisitCard[]>();
	readonly #leaves = new Map<string, LedgerLeaf[]>();

	add(visit: Visit): VisitCard {
		const card = cardOf(visit);
		append(this.#cards, cardKey(monthOf(visit.date)), card);
		append(this.#leaves, leafKey(visit.date), leafOf(visit));
		return card;
	}
	get leaves(): LedgerLeaf[] {
		return [...this.#leaves.values()].flat();
	}
	/** All pages, and what makes them an index last. */
	*pages(meta: IndexMeta): Generator<readonly [string, unknown]> {
		for (const [key, cards] of this.#cards) yield [key, JSON.stringify(cards)];
		yield* this.#leaves;
		yield [META, meta];
	}
}

function append<T>(to: Map<string, T[]>, key: string, item: T): void {
	const list = to.get(key);
	if (list) list.push(item);
	else to.set(key, [item]);
}

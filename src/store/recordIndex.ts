import { cardOf, type VisitCard } from '../model/index/card';
import { leafOf, type LedgerLeaf } from '../model/index/leaf';
import { SCHEMA_VERSION, type AnyDocument, type Visit } from '../schema/records';
import type { Batch } from './journalledStore';

/**
 * The index beside the documents: for every day the cards of its visits, and their leaves of the ledger. It is
 * written with the documents, in one batch, and made anew from them whenever it is not of the last one.
 */
const INDEX_VERSION = `${SCHEMA_VERSION}.1`;

const CARD = 'card:';
const LEAF = 'leaf:';
export const leafKey = (day: string): string => `${LEAF}${day}`;
const cardKey = (day: string): string => `${CARD}${day}`;
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
	/** Key of the shelf. */
	readonly shelf: string | undefined;
	/** Keys of what cannot be read. */
	readonly aside: readonly string[];
}

/** The index, if it is of what is stored; nothing where it is not, or is none. */
export function validMeta(
	value: unknown,
	sequence: number,
	documents: number
): IndexMeta | undefined {
	const meta = value as Partial<IndexMeta> | null | undefined;
	return meta?.version === INDEX_VERSION &&
		meta.sequence === sequence &&
		meta.documents === documents &&
		Array.isArray(meta.aside)
		? (meta as IndexMeta)
		: undefined;
}

export const newMeta = (meta: Omit<IndexMeta, 'version'>): IndexMeta => ({
	...meta,
	version: INDEX_VERSION
});

/** Cards or leaves of a page as it was found; none where it is no page. */
const pageOf = (value: unknown): readonly unknown[] => (Array.isArray(value) ? value : []);
export const cardsOf = (value: unknown) => pageOf(value) as readonly VisitCard[];
export const leavesOf = (value: unknown) => pageOf(value) as readonly LedgerLeaf[];

/** A document before and after. */
export interface Written {
	readonly key: string;
	readonly was: AnyDocument | undefined;
	readonly now: AnyDocument | undefined;
}

/**
 * The pages of the days that some changes touch, to be written with them.
 * @param read a page as it is stored
 */
export async function changedPages(
	written: readonly Written[],
	read: (key: string) => Promise<unknown>
): Promise<Batch> {
	const days = new Map<string, { readonly out: Set<string>; readonly in: Visit[] }>();
	const at = (day: string) => {
		const page = days.get(day) ?? { out: new Set<string>(), in: [] };
		days.set(day, page);
		return page;
	};
	for (const { was, now } of written) {
		if (was?.kind === 'visit') at(was.date).out.add(was.id);
		if (now?.kind === 'visit') {
			at(now.date).out.add(now.id);
			at(now.date).in.push(now);
		}
	}
	const put: { readonly key: string; readonly value: unknown }[] = [];
	const remove: string[] = [];
	await Promise.all(
		[...days].map(async ([day, change]) => {
			const [cards, leaves] = await Promise.all([read(cardKey(day)), read(leafKey(day))]);
			const page = [
				...cardsOf(cards).filter(({ id }) => !change.out.has(id)),
				...change.in.map(cardOf)
			];
			if (page.length === 0) remove.push(cardKey(day), leafKey(day));
			else {
				const kept = leavesOf(leaves).filter(({ visitId }) => !change.out.has(visitId));
				put.push({ key: cardKey(day), value: page });
				put.push({ key: leafKey(day), value: [...kept, ...change.in.map(leafOf)] });
			}
		})
	);
	return { put, remove };
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
	const shelf = written.find(({ key }) => key.startsWith('shelf:'));
	const grown = written.reduce(
		(sum, { was, now }) => sum + (now ? 1 : 0) - (was ? 1 : 0),
		aside.length
	);
	const next = isValid && {
		...meta,
		sequence: sequence + 1,
		documents: meta.documents + grown,
		shelf: shelf ? shelf.now && shelf.key : meta.shelf,
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
	const byDay = new Map<string, VisitCard[]>();
	for (const card of cards) if (days.has(card.date)) append(byDay, card.date, card);
	for (const day of days) {
		const own = byDay.get(day) ?? [];
		const old = new Map(
			leavesOf(await stored(leafKey(day))).map((leaf) => [leaf.visitId, leaf])
		);
		yield [cardKey(day), own];
		yield [leafKey(day), own.flatMap(({ id }) => fresh.get(id) ?? old.get(id) ?? [])];
	}
}

/** Pages of all visits, as they are gathered one by one. */
export class PageMaker {
	readonly #cards = new Map<string, VisitCard[]>();
	readonly #leaves = new Map<string, LedgerLeaf[]>();

	add(visit: Visit): VisitCard {
		const card = cardOf(visit);
		append(this.#cards, cardKey(visit.date), card);
		append(this.#leaves, leafKey(visit.date), leafOf(visit));
		return card;
	}
	get leaves(): LedgerLeaf[] {
		return [...this.#leaves.values()].flat();
	}
	/** All pages, and what makes them an index last. */
	*pages(meta: IndexMeta): Generator<readonly [string, unknown]> {
		yield* this.#cards;
		yield* this.#leaves;
		yield [META, meta];
	}
}

function append<T>(to: Map<string, T[]>, key: string, item: T): void {
	const list = to.get(key);
	if (list) list.push(item);
	else to.set(key, [item]);
}

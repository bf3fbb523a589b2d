import { createDraft, finishDraft, isDraft, type Draft } from 'immer';
import { keyOf } from '../model/identity';
import type { AnyDocument, Client, Learner, Picture, Shelf, Trial, Visit } from '../schema/records';

/** A document before and after a change; `undefined` where there was or is none. */
export interface Change {
	readonly before: AnyDocument | undefined;
	readonly after: AnyDocument | undefined;
}

/** Documents as a change finds them: each is a draft that may be changed in place. */
export class Transaction {
	readonly #drafts = new Map<string, AnyDocument | undefined>();

	/** @param read the document of a key as it is now */
	constructor(private readonly read: (key: string) => AnyDocument | undefined) {}

	/** @throws {Error} when there is no such visit */
	visit(id: string): Visit {
		return this.#need('visit', id) as Visit;
	}
	/** @throws {Error} when there is no such client */
	client(id: string): Client {
		return this.#need('client', id) as Client;
	}
	/** @throws {Error} when there is no such shelf */
	shelf(id: string): Shelf {
		return this.#need('shelf', id) as Shelf;
	}
	/** @throws {Error} when there is no such morning at the bench */
	trial(id: string): Trial {
		return this.#need('trial', id) as Trial;
	}
	/** @throws {Error} when there is nobody of that id who practises */
	learner(id: string): Learner {
		return this.#need('learner', id) as Learner;
	}
	picture(id: string): Picture | undefined {
		return this.#get(`picture:${id}`) as Picture | undefined;
	}

	/** Puts a document in, in place of one of its key. */
	put(document: AnyDocument): void {
		this.#drafts.set(keyOf(document), document);
	}
	/** Takes a document out; taking out what is not there changes nothing. */
	remove(document: Pick<AnyDocument, 'kind' | 'id'>): void {
		this.removeKey(keyOf(document));
	}

	removeKey(key: string): void {
		this.#drafts.set(key, undefined);
	}

	#need(kind: AnyDocument['kind'], id: string): AnyDocument {
		const found = this.#get(`${kind}:${id}`);
		if (!found) throw new Error(`this ${kind} is no longer in the records`);
		return found;
	}
	#get(key: string): AnyDocument | undefined {
		if (this.#drafts.has(key)) return this.#drafts.get(key);
		const now = this.read(key);
		const draft = now && createDraft<AnyDocument>(now);
		if (draft) this.#drafts.set(key, draft);
		return draft;
	}

	/** What was changed, dated; nothing of what came out as it was. */
	finish(at: string): Map<string, Change> {
		const changes = new Map<string, Change>();
		for (const [key, draft] of this.#drafts) {
			const before = this.read(key);
			const changedHere = isDraft(draft);
			const after = changedHere ? finishDraft(draft as Draft<AnyDocument>) : draft;
			if (after === before) continue;
			// A document that comes from elsewhere brings its own date.
			const dated = changedHere || after?.updatedAt === before?.updatedAt;
			changes.set(key, { before, after: after && dated ? { ...after, updatedAt: at } : after });
		}
		return changes;
	}
}

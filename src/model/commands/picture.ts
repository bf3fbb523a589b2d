import type { AnyDocument, Visit } from '../../schema/records';
import { removeCheck } from './checks';
import { stamp } from '../identity';

/** What a picture is put into. */
interface Keeping {
	visit(id: string): Visit;
	put(document: AnyDocument): void;
	remove(document: { readonly kind: 'picture'; readonly id: string }): void;
}

/** Keeps a small copy of the picture that a visit was read from, in place of one before. */
export function keepPicture(draft: Keeping, visitId: string, image: Blob, now: Date): void {
	dropPicture(draft, visitId);
	const picture = { ...stamp(now), kind: 'picture' as const, image };
	draft.put(picture);
	draft.visit(visitId).reading.picture = picture.id;
}

/** Lets the copy of a picture go. */
export function dropPicture(draft: Keeping, visitId: string): void {
	const { reading } = draft.visit(visitId);
	if (reading.picture === undefined) return;
	draft.remove({ kind: 'picture', id: reading.picture });
	delete reading.picture;
}

/** Keeps a small copy of the picture that a look at the chair was read from, in place of one before. */
export function keepCheckPicture(
	draft: Keeping,
	visitId: string,
	checkId: string,
	image: Blob,
	now: Date
): void {
	const check = draft.visit(visitId).run.notes.find(({ id }) => id === checkId);
	if (!check) return;
	if (check.picture !== undefined) draft.remove({ kind: 'picture', id: check.picture });
	const picture = { ...stamp(now), kind: 'picture' as const, image };
	draft.put(picture);
	check.picture = picture.id;
}

/** Keeps a picture of the end of a visit, in place of one before. */
export function keepEndPicture(draft: Keeping, visitId: string, image: Blob, now: Date): void {
	dropEndPicture(draft, visitId);
	const picture = { ...stamp(now), kind: 'picture' as const, image };
	draft.put(picture);
	draft.visit(visitId).result.picture = picture.id;
}

/** Lets the picture of the end go, with where its grey card lay. */
export function dropEndPicture(draft: Keeping, visitId: string): void {
	const { result } = draft.visit(visitId);
	if (result.picture === undefined) return;
	draft.remove({ kind: 'picture', id: result.picture });
	delete result.picture;
	delete result.card;
}

/** Takes a look at the chair back, with its picture. */
export function dropCheck(draft: Keeping, visitId: string, checkId: string): void {
	const { run } = draft.visit(visitId);
	const check = run.notes.find(({ id }) => id === checkId);
	if (check?.picture !== undefined) draft.remove({ kind: 'picture', id: check.picture });
	removeCheck(run, checkId);
}

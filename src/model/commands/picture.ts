import type { AnyDocument, Visit } from '../../schema/records';
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

import type { Client, Picture, Visit } from '../../schema/records';

/** What documents are taken out of. */
interface Removing {
	remove(document: { readonly kind: 'client' | 'visit' | 'picture'; readonly id: string }): void;
	picture(id: string): Picture | undefined;
}

/** Takes a visit out, with the picture that was kept of it, unless another visit shows the same one. */
export function removeVisit(draft: Removing, visit: Visit, others: Iterable<Visit>): void {
	draft.remove(visit);
	const { picture } = visit.reading;
	if (picture === undefined) return;
	for (const other of others) {
		if (other.id !== visit.id && other.reading.picture === picture) return;
	}
	draft.remove({ kind: 'picture', id: picture });
}

/** Takes a client out with all their visits and pictures. */
export function removeClient(
	draft: Removing,
	{ id }: Pick<Client, 'id'>,
	visits: readonly Visit[]
): void {
	for (const visit of visits) {
		draft.remove(visit);
		if (visit.reading.picture !== undefined) {
			draft.remove({ kind: 'picture', id: visit.reading.picture });
		}
	}
	draft.remove({ kind: 'client', id });
}

import type { Client, Picture, Trial, Visit } from '../../schema/records';
import { picturesOf } from '../visit/pictures';

/** What documents are taken out of. */
interface Removing {
	remove(document: {
		readonly kind: 'client' | 'visit' | 'picture' | 'trial';
		readonly id: string;
	}): void;
	picture(id: string): Picture | undefined;
}

/** Takes a visit out, with the pictures that were kept of it, unless another visit shows the same one. */
export function removeVisit(draft: Removing, visit: Visit, others: Iterable<Visit>): void {
	draft.remove(visit);
	const kept = new Set([...others].filter(({ id }) => id !== visit.id).flatMap(picturesOf));
	for (const id of picturesOf(visit)) {
		if (!kept.has(id)) draft.remove({ kind: 'picture', id });
	}
}

/** Takes a client out with all their visits and pictures, and what was tried for them at the bench. */
export function removeClient(
	draft: Removing,
	{ id }: Pick<Client, 'id'>,
	visits: readonly Visit[],
	trials: readonly Trial[] = []
): void {
	for (const trial of trials) if (trial.clientId === id) draft.remove(trial);
	for (const visit of visits) {
		draft.remove(visit);
		for (const picture of picturesOf(visit)) draft.remove({ kind: 'picture', id: picture });
	}
	draft.remove({ kind: 'client', id });
}

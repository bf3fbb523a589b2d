import type { Client, Trial, Visit } from '../../schema/records';

/** What two records are joined in. */
interface Merging {
	client(id: string): Client;
	visit(id: string): Visit;
	trial(id: string): Trial;
	remove(document: { readonly kind: 'client'; readonly id: string }): void;
}

const lines = (...texts: readonly string[]): string =>
	[...new Set(texts.map((text) => text.trim()).filter(Boolean))].join('\n');

/**
 * Two records of one person become one, on drafts: the visits of the other come over, its tests and sensitivities are
 * added, what was written stands below what stands here. The name stays. What one of them does not bear, the person
 * does not bear.
 * @param visits of the other
 * @param trials that were made at the bench, for whomever
 */
export function mergeClients(
	draft: Merging,
	id: string,
	otherId: string,
	visits: readonly Visit[],
	trials: readonly Trial[] = []
): void {
	const own = draft.client(id);
	const other = draft.client(otherId);
	for (const visit of visits) draft.visit(visit.id).clientId = id;
	for (const trial of trials) if (trial.clientId === otherId) draft.trial(trial.id).clientId = id;
	own.contact = lines(own.contact, other.contact).replaceAll('\n', ', ').slice(0, 200);
	const known = other.name === own.name ? '' : `Also on record as ${other.name}.`;
	own.note = lines(own.note, other.note, known).slice(0, 4000);
	own.underSixteen ||= other.underSixteen;
	own.sensitivities = [...new Set([...own.sensitivities, ...other.sensitivities])].slice(0, 8);
	own.patchTests = [...own.patchTests, ...other.patchTests]
		.filter(
			(test, i, all) =>
				all.findIndex(({ date, reacted }) => date === test.date && reacted === test.reacted) === i
		)
		.sort((p, q) => p.date.localeCompare(q.date))
		.slice(-200);
	draft.remove({ kind: 'client', id: otherId });
}

import { trialLeaf } from '../model/bench/rows';
import { ledgerOf, type LedgerRow } from '../model/ledger/rows';
import type { Workspace } from '../store/workspace.svelte';

/** Everything that was ever mixed, as far as it is read, on heads and on the bench, the latest first. */
export function ledgerRows({ book, trials, shelf }: Workspace): LedgerRow[] {
	const tried = [...trials.values()].map(trialLeaf);
	const leaves =
		tried.length === 0
			? book.leaves
			: [...book.leaves, ...tried].sort((p, q) => (p.date < q.date ? 1 : p.date > q.date ? -1 : 0));
	return ledgerOf(leaves, shelf?.lines);
}

/** Whose hair a row was on; loose hair is nobody's. */
export const headName = (
	{ clients }: Workspace,
	{ clientId, trialId }: Pick<LedgerRow, 'clientId' | 'trialId'>
): string =>
	clients.get(clientId)?.name ?? (trialId === undefined ? 'Unknown client' : 'Loose hair');

/** Where a row leads; nothing where it is of a file. */
export const rowPath = ({ visitId, trialId }: Pick<LedgerRow, 'visitId' | 'trialId'>) =>
	trialId !== undefined ? `/bench/${trialId}` : visitId ? `/visit/${visitId}/send-off` : undefined;

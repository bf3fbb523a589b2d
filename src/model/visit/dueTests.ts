import type { Day } from '../time';
import { patchStanding, type PatchStanding, type StrandStanding } from '../../core/caution';
import type { Client, Visit } from '../../schema/records';
import { strandTestOf } from './cautions';

/** Where a client stands with patch tests on a day. */
export const patchTestOf = (client: Client | undefined, today: Day): PatchStanding =>
	patchStanding(client?.patchTests ?? [], today);

/** A test that somebody should make, read or repeat. */
export type DueTest = {
	readonly visitId: string;
	readonly client: Client | undefined;
	/** Nothing may be lightened before it is read. */
	readonly stops: boolean;
} & (
	| { readonly test: 'patch'; readonly standing: PatchStanding }
	| { readonly test: 'strand'; readonly standing: StrandStanding }
);

/** Tests due for those who wait or sit: made, read or repeated before the mixture goes on. */
export function dueTests(
	visits: readonly Visit[],
	clientOf: (id: string) => Client | undefined,
	today: Day
): DueTest[] {
	return visits.flatMap((visit): DueTest[] => {
		if (visit.status === 'done') return [];
		const client = clientOf(visit.clientId);
		const due = { visitId: visit.id, client };
		const { reading } = visit;
		const patch = patchTestOf(client, today);
		const strand = strandTestOf(reading, today);
		const unknown = reading.henna || reading.metallicSalts;
		const strandDue = unknown
			? strand.standing !== 'clean'
			: !['none', 'clean'].includes(strand.standing);
		return [
			...(patch.standing === 'valid'
				? []
				: [
						{
							...due,
							test: 'patch',
							standing: patch,
							stops: patch.standing === 'reacted'
						} as const
					]),
			...(strandDue
				? [
						{
							...due,
							test: 'strand',
							standing: strand,
							stops: unknown || strand.standing === 'reacted'
						} as const
					]
				: [])
		];
	});
}

import { patchStanding } from '../core/caution';
import type { Client, Reading, Visit } from '../schema/records';
import { strandTestOf } from '../model/visit/cautions';

/** Where this client stands with patch tests, in a few words. */
export function patchWords(client: Client | undefined, now: Date): string {
	const standing = patchStanding(client?.patchTests ?? [], now.toISOString());
	switch (standing.standing) {
		case 'none':
			return 'no patch test';
		case 'reacted':
			return 'reacted to a patch test';
		case 'waiting':
			return `patch test readable on ${standing.readableOn}`;
		case 'valid':
			return `patch test valid until ${standing.validUntil}`;
		case 'due':
			return 'patch test due again';
	}
}

/** Where this hair stands with strand tests, in a few words. */
export function strandWords(reading: Reading, now: Date): string {
	const standing = strandTestOf(reading, now);
	switch (standing.standing) {
		case 'none':
			return 'no strand test';
		case 'pending':
			return 'strand test pending';
		case 'clean':
			return 'strand test clean';
		case 'reacted':
			return 'strand test failed';
		case 'outdated':
			return 'strand test outdated';
		case 'due':
			return 'strand test due again';
	}
}

export const testWords = (visit: Visit, client: Client | undefined, now: Date): string =>
	`${patchWords(client, now)}; ${strandWords(visit.reading, now)}`;

/** A test that somebody should make, read or repeat. */
export interface DueTest {
	readonly visitId: string;
	readonly name: string;
	readonly what: string;
	/** Nothing may be lightened before it is read. */
	readonly stops: boolean;
}

/** Tests due for those who wait or sit: made, read or repeated before the mixture goes on. */
export function dueTests(
	visits: readonly Visit[],
	clientOf: (id: string) => Client | undefined,
	now: Date
): DueTest[] {
	return visits.flatMap((visit) => {
		if (visit.status === 'done') return [];
		const client = clientOf(visit.clientId);
		const due = { visitId: visit.id, name: client?.name ?? 'Unknown client' };
		const { reading } = visit;
		const patch = patchStanding(client?.patchTests ?? [], now.toISOString()).standing;
		const strand = strandTestOf(reading, now).standing;
		const unknown = reading.henna || reading.metallicSalts;
		const strandDue = unknown ? strand !== 'clean' : !['none', 'clean'].includes(strand);
		return [
			...(patch === 'valid'
				? []
				: [{ ...due, what: patchWords(client, now), stops: patch === 'reacted' }]),
			...(strandDue
				? [{ ...due, what: strandWords(reading, now), stops: unknown || strand === 'reacted' }]
				: [])
		];
	});
}

import type { StrandColours } from '../core/colour';
import type { Client, Reading } from '../schema/records';
import type { VisitCard } from './index/card';
import { coloursOf, pointsOf, withOldLights, zonesOf } from './head/hair';

/** A client with what tells this head from the next. */
export interface ClientRow {
	readonly client: Client;
	/** How often they sat down. */
	readonly visits: number;
	/** The last time, where there was one. */
	readonly last?: VisitCard | undefined;
}

/** Clients with their last visit, in one walk over all cards. */
export function clientRows(clients: Iterable<Client>, cards: Iterable<VisitCard>): ClientRow[] {
	const of = new Map<string, { visits: number; last: VisitCard }>();
	for (const card of cards) {
		const known = of.get(card.clientId);
		const later = known && !isLater(card, known.last) ? known.last : card;
		of.set(card.clientId, { visits: (known?.visits ?? 0) + 1, last: later });
	}
	return [...clients].map((client) => ({ client, visits: 0, ...of.get(client.id) }));
}

const isLater = (p: VisitCard, q: VisitCard): boolean =>
	p.date === q.date ? p.createdAt > q.createdAt : p.date > q.date;

const EVERYWHERE = { root: true, lengths: true, ends: true } as const;

/** Points of a strand as small as a row: its zones are told apart, and no more is seen. */
const POINTS = 16;

/** A strand of a head as it was read, from root to tips. */
export function readColours(reading: Reading): StrandColours {
	const zones = zonesOf(reading);
	const points = pointsOf(zones, reading, EVERYWHERE, 0, POINTS);
	const hair = coloursOf(
		points.map(({ fibre }) => fibre),
		reading.whiteShare
	);
	return withOldLights(hair, zones, points);
}

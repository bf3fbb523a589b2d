import { SCHEMA_VERSION, type AnyDocument, type Client, type Visit } from '../../schema/records';
import { newVisit } from '../../model/commands/newVisit';
import { DAY_MS, people, type Before } from './people';
import { demoShelf } from './shelf';

/** The visit before today's, recorded. */
function beforeOf(today: Visit, before: Before, now: Date): Visit {
	const then = new Date(now.getTime() - before.weeksAgo * 7 * DAY_MS);
	const minutes = Math.max(...before.notes.map(({ minute }) => minute));
	return {
		...today,
		id: `${today.clientId}-before`,
		createdAt: then.toISOString(),
		updatedAt: then.toISOString(),
		date: then.toISOString().slice(0, 10),
		status: 'done',
		settled: ['read', 'aim', 'lift', 'bowls', 'chair', 'tone', 'sendOff'],
		reading: { ...today.reading, ...before.reading },
		lift: { ...today.lift, minutes },
		run: {
			elapsedSeconds: minutes * 60,
			startedAt: then.toISOString(),
			rinsedAtMinute: minutes,
			notes: before.notes
		},
		tone: { ...today.tone, choice: 'none', parts: [] },
		result: {
			level: before.level,
			tone: before.tone,
			notes: '',
			recordedAt: new Date(then.getTime() + 3 * 3_600_000).toISOString()
		}
	};
}

/** The demo salon: clients with a visit each, and the shelf. Dates are relative to `now`. */
export function demoDocuments(now: Date): AnyDocument[] {
	const iso = now.toISOString();
	const stamped = (id: string) => ({
		schemaVersion: SCHEMA_VERSION,
		id,
		createdAt: iso,
		updatedAt: iso
	});
	const documents: AnyDocument[] = [demoShelf(now)];
	for (const person of people(now)) {
		const client: Client = {
			...stamped(person.id),
			kind: 'client',
			name: person.name,
			contact: '',
			note: person.note,
			underSixteen: false,
			sensitivities: [],
			washesPerWeek: person.washesPerWeek,
			patchTests:
				person.patchDaysAgo === undefined
					? []
					: [
							{
								date: new Date(now.getTime() - person.patchDaysAgo * DAY_MS)
									.toISOString()
									.slice(0, 10),
								reacted: false
							}
						]
		};
		const { reading, lift, aim, bowls, ...rest } = person.visit;
		const plain = newVisit(person.id, now);
		delete plain.chairSince;
		const visit: Visit = {
			...plain,
			...stamped(`${person.id}-today`),
			status: 'waiting',
			reading: { ...plain.reading, ...reading },
			aim: { ...plain.aim, ...aim },
			lift: { ...plain.lift, minutes: 38, ...lift },
			bowls: { ...plain.bowls, ...bowls },
			tone: { ...plain.tone, lineId: 'lantern-demi' },
			...rest
		};
		documents.push(client, visit, ...(person.before ? [beforeOf(visit, person.before, now)] : []));
	}
	return documents;
}

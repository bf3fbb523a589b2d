import { SCHEMA_VERSION, type AnyDocument, type Client, type Visit } from '../../schema/records';
import { newVisit, usualStart } from '../commands/newVisit';
import { people, type Before } from './people';
import { dayAfter, DAYS_PER_WEEK, type Moment } from '../time';
import { OTHERS } from './past';
import { demoTrial } from './bench';
import { demoLearner } from './practice';
import { demoShelf } from './shelf';

/** Two visits that were planned together: what was promised of each. */
const seriesOf = (
	today: Visit,
	{ promised = today.aim.level, weeksAgo }: Before,
	number: 1 | 2,
	moment: Moment
): Visit['series'] => ({
	id: `${today.clientId}-plan`,
	number,
	promise: {
		level: number === 1 ? promised : today.aim.level,
		visits: 2,
		date: dayAfter(moment.day, -Math.round(weeksAgo * DAYS_PER_WEEK))
	}
});

/** The visit before today's, recorded. */
function beforeOf(today: Visit, before: Before, moment: Moment): Visit {
	const days = before.weeksAgo * DAYS_PER_WEEK;
	const then = new Date(moment.at.getTime() - days * 24 * 3_600_000);
	const minutes = Math.max(...before.notes.map(({ minute }) => minute));
	return {
		...today,
		...(before.promised === undefined ? {} : { series: seriesOf(today, before, 1, moment) }),
		id: `${today.clientId}-before`,
		createdAt: then.toISOString(),
		updatedAt: then.toISOString(),
		date: dayAfter(moment.day, -Math.round(days)),
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

const plainPerson = {
	kind: 'client',
	contact: '',
	underSixteen: false,
	sensitivities: [],
	patchTests: []
} as const satisfies Partial<Client>;

/**
 * The demo salon: clients with a visit each, and the shelf. Dates are relative to the moment.
 * @param past what was recorded before that moment (`demoPast`, `pastAt`)
 */
export function demoSalon(moment: Moment, past: readonly Visit[]): AnyDocument[] {
	const now = moment.at;
	const iso = now.toISOString();
	const stamped = (id: string) => ({
		schemaVersion: SCHEMA_VERSION,
		id,
		createdAt: iso,
		updatedAt: iso
	});
	const shelf = demoShelf(now);
	const documents: AnyDocument[] = [shelf];
	for (const person of people(moment)) {
		const client: Client = {
			...stamped(person.id),
			...plainPerson,
			name: person.name,
			note: person.note,
			washesPerWeek: person.washesPerWeek,
			patchTests:
				person.patchDaysAgo === undefined
					? []
					: [
							{
								date: dayAfter(moment.day, -person.patchDaysAgo),
								reacted: false
							}
						]
		};
		const { reading, lift, aim, bowls, ...rest } = person.visit;
		const plain = newVisit(person.id, moment);
		delete plain.chairSince;
		delete plain.reading.guess;
		delete plain.aim.guess;
		const visit: Visit = {
			...plain,
			...stamped(`${person.id}-today`),
			status: 'waiting',
			reading: { ...plain.reading, ...reading },
			aim: { ...plain.aim, ...aim },
			lift: {
				...plain.lift,
				minutes: 38,
				startsAtMm: usualStart({ ...plain.reading, ...reading }),
				...lift
			},
			bowls: { ...plain.bowls, staged: true, ...bowls },
			tone: { ...plain.tone, lineId: 'lantern-demi' },
			...rest
		};
		if (person.before?.promised !== undefined)
			visit.series = seriesOf(visit, person.before, 2, moment);
		documents.push(
			client,
			visit,
			...(person.before ? [beforeOf(visit, person.before, moment)] : [])
		);
	}
	return [
		...documents,
		...OTHERS.map((other): Client => ({ ...stamped(other.id), ...plainPerson, ...other })),
		demoTrial(moment, shelf),
		demoLearner(moment),
		...past
	];
}

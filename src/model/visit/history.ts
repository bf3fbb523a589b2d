import { dayAfter, DAYS_PER_WEEK, weeksBetween } from '../time';
import {
	eventsAt,
	levelOfFibre,
	strandFromHistory,
	type HeadHistory,
	type HistoryEvent,
	type StrandFromHistory
} from '../../core/lift';
import { newId } from '../identity';
import type { HistoryEntry, Reading, ZoneName, ZoneReading } from '../../schema/records';
import { historyForm, type HistoryFacts } from '../../schema/forms';
import { ZONES, zonesOf, type ZoneStart } from '../head/hair';

/** Weeks between an entry and the visit, never negative. */
export const weeksBefore = (date: string, visitDate: string): number =>
	Math.max(0, weeksBetween(date, visitDate));

/** The day some weeks before a visit. */
export const dayBefore = (visitDate: string, weeks: number): string =>
	dayAfter(visitDate, -Math.round(weeks * DAYS_PER_WEEK));

/** An entry as the core tells it; what swimming leaves, the cautions speak of. */
function eventOf(entry: HistoryEntry, visitDate: string): HistoryEvent[] {
	const weeksAgo = weeksBefore(entry.date, visitDate);
	switch (entry.kind) {
		case 'swimming':
			return [];
		case 'cut':
			return [{ kind: 'cut', weeksAgo, cm: entry.cm }];
		case 'colour': {
			const { vehicle, level, tone, onto } = entry;
			return [{ kind: 'colour', weeksAgo, vehicle, shade: { level, tone }, onto }];
		}
		case 'lightening':
			// What foils picked up is hair of its own among the rest: the strand that is told is of the rest.
			if (entry.share !== undefined) return [];
			return [{ kind: 'lightening', weeksAgo, onto: entry.onto, how: { toLevel: entry.toLevel } }];
		default:
			return [{ kind: entry.kind, weeksAgo, onto: entry.onto }];
	}
}

/** The history of a reading as the core takes it. */
export const headHistory = (
	reading: Reading,
	visitDate: string,
	washesPerWeek: number
): HeadHistory => ({
	naturalLevel: reading.naturalLevel,
	warmth: reading.warmth,
	texture: reading.texture,
	lengthCm: reading.lengthCm,
	growthCmPerMonth: reading.growthCmPerMonth,
	washesPerWeek,
	porosity: reading.porosity,
	events: reading.history.flatMap((entry) => eventOf(entry, visitDate))
});

/** Where the history and the eye do not agree on a zone. */
export interface ZoneDisagreement {
	readonly zone: ZoneName;
	readonly seen: number;
	readonly expected: number;
}

/** The strand that the history makes, with what it says otherwise than the reading. */
export interface ToldStrand {
	readonly strand: StrandFromHistory;
	readonly disagreements: readonly ZoneDisagreement[];
}

export function toldStrand(history: HeadHistory, zones: readonly ZoneStart[]): ToldStrand {
	const readings = zones.map(({ fromCm, toCm, fibre }) => ({
		fromCm,
		toCm,
		level: levelOfFibre(fibre)
	}));
	const { disagreements } = strandFromHistory(history, readings);
	return {
		strand: strandFromHistory(history),
		disagreements: disagreements.flatMap(({ fromCm, level, expected }) => {
			const zone = zones.find((candidate) => candidate.fromCm === fromCm);
			return zone ? [{ zone: zone.name, seen: level, expected }] : [];
		})
	};
}

/** What a history says of a stretch of the strand, as a zone is read. */
function zoneTold(
	history: HeadHistory,
	told: StrandFromHistory,
	fromCm: number,
	toCm: number
): ZoneReading {
	const points = told.points.filter(({ distanceCm }) => distanceCm >= fromCm && distanceCm <= toCm);
	const levels = points.map(({ fibre }) => levelOfFibre(fibre));
	const mean = levels.reduce((sum, level) => sum + level, 0) / Math.max(1, levels.length);
	const presentLevel = Math.round(Math.min(12, Math.max(1, mean)) * 10) / 10;
	const events = eventsAt(history, (fromCm + toCm) / 2);
	const lastLift = events.findLastIndex(({ kind }) => kind === 'lightening');
	const since = events.slice(lastLift + 1);
	const colours = since.flatMap((event) => (event.kind === 'colour' ? [event] : []));
	const henna = since.some(({ kind }) => kind === 'henna');
	if (colours.length === 0 && !henna) {
		return { state: lastLift >= 0 ? 'lightened' : 'natural', presentLevel, artificial: [] };
	}
	const kinds = new Map<string, ZoneReading['artificial'][number]>();
	for (const { vehicle: kind, shade, weeksAgo } of colours.toReversed()) {
		const key = `${kind} ${shade.level}${shade.tone}`;
		const known = kinds.get(key);
		kinds.set(key, {
			kind,
			level: shade.level,
			tone: shade.tone,
			layers: Math.min(20, (known?.layers ?? 0) + 1),
			weeksAgo: known?.weeksAgo ?? Math.min(520, weeksAgo)
		});
	}
	if (henna) kinds.set('henna', { kind: 'permanent', level: 7, tone: 'C', layers: 1 });
	return { state: 'coloured', presentLevel, artificial: [...kinds.values()].slice(0, 6) };
}

/** Fills a reading from its history: zones, regrowth, strain and the flags that cautions ask for. */
export function takeHistory(draft: Reading, visitDate: string, washesPerWeek: number): void {
	const history = headHistory(draft, visitDate, washesPerWeek);
	const told = strandFromHistory(history);
	// Where nothing but foils was told of, what has grown is what hangs above their pieces.
	const foiled = ZONES.some((zone) => draft.zones[zone].oldLights);
	const untold = foiled ? draft.regrowthCm : draft.lengthCm;
	draft.regrowthCm = Math.round((told.regrowthCm ?? untold) * 10) / 10;
	for (const { name, fromCm, toCm } of zonesOf(draft)) {
		const { oldLights } = draft.zones[name];
		const rest = zoneTold(history, told, fromCm, toCm);
		draft.zones[name] = oldLights ? { ...rest, oldLights } : rest;
	}
	// A zone without length takes after its neighbour, so that it is right when a border is dragged.
	for (const name of ZONES) {
		if (!zonesOf(draft).some((zone) => zone.name === name)) {
			draft.zones[name] = { ...draft.zones.root, artificial: [...draft.zones.root.artificial] };
		}
	}
	const kinds = draft.history.map(({ kind }) => kind);
	draft.strain.lightenings = Math.min(20, kinds.filter((kind) => kind === 'lightening').length);
	draft.strain.perm = kinds.includes('perm');
	draft.strain.relaxer = kinds.includes('relaxer');
	draft.henna = draft.henna || kinds.includes('henna');
	const opened = draft.history.filter(({ kind }) => kind === 'perm' || kind === 'relaxer');
	if (opened.length > 0) {
		const weeks = Math.min(...opened.map(({ date }) => weeksBefore(date, visitDate)));
		draft.relaxerWeeksAgo = Math.round(weeks);
	}
}
/**
 * What is told of a past service: of an entry as it stands, or what most often was done, some three months
 * before the visit. Facts that its kind does not use stand at what they would begin with.
 */
export function historyFacts(
	reading: Reading,
	visitDate: string,
	entry?: HistoryEntry
): HistoryFacts {
	const usual: HistoryFacts = {
		kind: 'colour',
		date: dayBefore(visitDate, 13),
		onto: 'all',
		vehicle: 'permanent',
		level: Math.max(1, Math.round(reading.naturalLevel) - 1),
		tone: 'N',
		toLevel: 9,
		cm: 5
	};
	return historyForm.parse({ ...usual, ...entry });
}

/**
 * The entry of the history that told facts make, with those that its kind uses.
 * @param entry that is told anew: what no form asks for stays as it was
 */
export function entryOf(facts: HistoryFacts, id = newId(), entry?: HistoryEntry): HistoryEntry {
	const { kind, date, onto, vehicle, level, tone, toLevel, cm } = facts;
	const past = { id, date };
	switch (kind) {
		case 'colour':
			return { ...past, kind, vehicle, level, tone, onto };
		case 'lightening':
			return {
				...past,
				kind,
				toLevel,
				onto,
				...(entry?.kind === kind && entry.share !== undefined ? { share: entry.share } : {})
			};
		case 'cut':
			return { ...past, kind, cm };
		default:
			return { ...past, kind, onto };
	}
}

import { momentIn } from '../time';
import { describe, expect, it } from 'vitest';
import { levelOfFibre } from '../../core/lift';
import { nextReading } from './nextReading';
import { plainReading } from '../head/plain';
import { newVisit } from '../commands/newVisit';
import { historyEntry, type HistoryEntry, type Reading } from '../../schema/records';
import { zonesOf } from '../head/hair';
import {
	dayBefore,
	entryOf,
	headHistory,
	historyFacts,
	takeHistory,
	toldStrand,
	weeksBefore
} from './history';
import { agoWords, entryWords, KIND_OPTIONS } from '../../wording/history';
import { placeOf } from '../../charts/history/historyLine';

const TODAY = '2026-03-02';
const brown = (weeks: number): HistoryEntry => ({
	id: `b${weeks}`,
	date: dayBefore(TODAY, weeks),
	kind: 'colour',
	vehicle: 'permanent',
	level: 4,
	tone: 'N',
	onto: 'all'
});
const light = (weeks: number): HistoryEntry => ({
	id: `l${weeks}`,
	date: dayBefore(TODAY, weeks),
	kind: 'lightening',
	toLevel: 9,
	onto: 'all'
});
const told = (kind: HistoryEntry['kind']) =>
	entryOf({ ...historyFacts(plainReading(), TODAY), kind });
const reading = (history: HistoryEntry[], change: Partial<Reading> = {}): Reading => ({
	...plainReading(),
	history,
	...change
});
const taken = (history: HistoryEntry[]): Reading => {
	const draft = reading(history);
	takeHistory(draft, TODAY, 3);
	return draft;
};

describe('a history taken as the reading', () => {
	it('of nothing is untouched hair', () => {
		const { zones, regrowthCm } = taken([]);
		expect(Object.values(zones).every(({ state }) => state === 'natural')).toBe(true);
		expect(regrowthCm).toBe(30);
	});
	it('fills regrowth, states and old colour, with how often it went over', () => {
		const { zones, regrowthCm } = taken([brown(8), brown(30)]);
		expect(regrowthCm).toBeCloseTo(2.3, 1);
		expect(zones.root.state).toBe('natural');
		expect(zones.lengths).toMatchObject({
			state: 'coloured',
			artificial: [{ kind: 'permanent', level: 4, tone: 'N', layers: 2 }]
		});
		expect(zones.lengths.artificial[0]!.weeksAgo).toBeCloseTo(8, 0);
		expect(zones.lengths.presentLevel).toBeLessThan(5);
	});
	it('counts colour under a later lightening as gone into it', () => {
		const { zones, strain } = taken([brown(30), light(6)]);
		expect(zones.lengths.state).toBe('lightened');
		expect(strain.lightenings).toBe(1);
	});
	it('raises the flags that cautions ask for', () => {
		const kinds = ['henna', 'swimming', 'perm'] as const;
		const draft = taken(kinds.map((kind) => told(kind)));
		expect(draft).toMatchObject({ henna: true, relaxerWeeksAgo: 13 });
		expect(draft.strain.perm).toBe(true);
	});
	it('leaves nothing to disagree about', () => {
		for (const history of [[light(13)], [brown(8), brown(30)], [brown(40), light(20)]]) {
			const draft = taken(history);
			const { disagreements } = toldStrand(headHistory(draft, TODAY, 3), zonesOf(draft));
			expect(disagreements).toEqual([]);
		}
	});
});

describe('a history beside the reading', () => {
	it('shows both where they differ, and changes nothing by itself', () => {
		const draft = reading([light(13)]);
		const { disagreements, strand } = toldStrand(headHistory(draft, TODAY, 3), zonesOf(draft));
		expect(disagreements.map(({ zone }) => zone)).toEqual(['lengths', 'ends']);
		expect(disagreements[0]!.seen).toBeCloseTo(5, 6);
		expect(disagreements[0]!.expected).toBeCloseTo(9, 0);
		expect(levelOfFibre(strand.points.at(-1)!.fibre)).toBeCloseTo(9, 0);
		expect(draft.zones.lengths.presentLevel).toBe(5);
	});
	it('of every kind has words, and a form to begin with', () => {
		for (const { value } of KIND_OPTIONS) {
			const entry = told(value);
			expect(entryWords(entry)).not.toMatch(/undefined|NaN/);
			expect(weeksBefore(entry.date, TODAY)).toBeCloseTo(13, 0);
			// What a form shows of an entry makes the same entry again.
			expect(entryOf(historyFacts(plainReading(), TODAY, entry), entry.id)).toEqual(entry);
			expect(historyEntry.parse(entry)).toEqual(entry);
		}
		expect([0, 3, 30, 104].map(agoWords)).toEqual([
			'this week',
			'3 weeks ago',
			'7 months ago',
			'2 years ago'
		]);
	});
	it('lies on a line: now at the right end, the oldest at the left, in order', () => {
		expect(placeOf(0, 100)).toBe(1);
		expect(placeOf(100, 100)).toBe(0);
		expect(placeOf(4, 100)).toBeGreaterThan(placeOf(8, 100));
	});
	it('grows by each recorded visit', () => {
		const visit = newVisit('c', momentIn(new Date(`${TODAY}T10:00:00Z`), 'Etc/UTC'));
		const done = {
			...visit,
			result: { ...visit.result, level: 9, recordedAt: `${TODAY}T12:00:00Z` }
		};
		const next = nextReading(done, '2026-05-04');
		expect(next.history).toMatchObject([
			{ kind: 'lightening', toLevel: 9, onto: 'all', date: TODAY }
		]);
	});
});

import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { ledgerText, ledgerWords } from '../../wording/ledger';
import { NOW, openVisit, put } from '../../testing/demoVisit';
import { findByWords, searchable } from '../find';
import { logCure } from '../commands/cures';
import { mixAgain } from '../commands/mixAgain';
import { forgetClock, stopClock, toggleClock } from '../commands/clocks';
import { mixOwn } from '../commands/toner';
import { ledgerCsv, readLedgerCsv } from './csv';
import type { MixedBowl } from '../../schema/records';
import { ledgerOf, rowsOf, scaledTo, type LedgerRow } from './rows';

const PARTS = [
	{ name: '9V', shadeId: 'lantern-demi-9-V', level: 9, tone: 'V', grams: 20 },
	{ name: 'clear', grams: 10 }
];

async function mixed() {
	const { session, workspace } = await openVisit('hesper-oake');
	session.change('a service', (draft) => {
		draft.run.startedAt = '2026-03-02T09:00:00Z';
		mixOwn(draft.tone, { parts: PARTS }, session.line!);
		toggleClock(draft.run, 'toner', NOW, 0);
		const cure = {
			act: 'wait',
			weeks: 1,
			lab: { l: 70, a: 2, b: 10 },
			level: 8.44,
			deltaE: 3
		} as const;
		const now = new Date('2026-03-02T11:00:00Z');
		logCure(draft, { fault: 'overGreen', level: 8 }, cure, [], { id: 'cure-1', now });
	});
	const rows = () =>
		ledgerOf(
			[...workspace.visits.values()]
				.sort((p, q) => q.date.localeCompare(p.date))
				.map((visit) => ({ rows: rowsOf(visit) })),
			workspace.shelf?.lines
		);
	const find = (query: string) =>
		findByWords(
			rows(),
			query,
			searchable((row) => ledgerText(row, workspace.clients.get(row.clientId)!.name))
		);
	return { session, workspace, rows, find };
}

describe('the ledger', () => {
	it('holds what was put on since a service began, and nothing that is only planned', async () => {
		const { session, rows } = await mixed();
		const own = rows().filter(({ visitId }) => visitId === session.id);
		expect(own.map(({ kind }) => kind)).toEqual(['lightening', 'toner', 'cure']);
		expect(rows().every(({ visitId }) => visitId !== 'anneke-rill-today')).toBe(true);
		expect(own[1]).toMatchObject({ line: 'Lantern demi', parts: PARTS, minutes: 20 });
		expect(new Set(rows().map(({ key }) => key)).size).toBe(rows().length);
	});
	it('a toner that was planned and not begun is no row of it', async () => {
		const { session, rows } = await mixed();
		const toners = () =>
			rows().filter(({ visitId, kind }) => visitId === session.id && kind === 'toner');
		expect(toners()).toHaveLength(1);
		session.change('not on', ({ run }) => forgetClock(run, 'toner'));
		expect(toners()).toEqual([]);
		// What was recorded without a clock was done as it was planned.
		session.change('recorded', ({ result }) => (result.recordedAt = NOW.toISOString()));
		expect(toners()).toHaveLength(1);
	});
	it('tells the minutes that everything lay', async () => {
		const { session, rows } = await mixed();
		session.change('off', ({ run }) => {
			run.lain = { minutes: 62 };
			run.rinsedAtMinute = 80;
			stopClock(run, 'toner', NOW, 23 * 60);
		});
		const own = rows().filter(({ visitId }) => visitId === session.id);
		expect(own.map(({ minutes }) => minutes)).toEqual([62, 23, undefined]);
	});
	it('a bowl that was weighed is told as it was weighed', async () => {
		const { session, rows } = await mixed();
		const weighed = (
			id: string,
			kind: MixedBowl['kind'],
			volume: number,
			parts: Readonly<Record<string, number>>,
			more: Partial<MixedBowl> = {}
		): MixedBowl => ({
			...{ id, kind, number: 1, at: NOW.toISOString(), volume, ratio: 2, sections: [], done: true },
			parts: Object.entries(parts).map(([key, grams]) => ({
				key,
				name: key.replace('colour:', ''),
				grams,
				target: 10
			})),
			...more
		});
		session.change('weighed', ({ bowls, run }) => {
			toggleClock(run, 'lowlights', NOW, 0);
			stopClock(run, 'lowlights', NOW, 30 * 60);
			bowls.mixed = [
				weighed('a', 'lightener', 20, { lightener: 11, 'developer:20': 22 }),
				weighed('b', 'lightener', 10, { lightener: 10, 'developer:10': 20, additive: 5 }),
				weighed('c', 'lightener', 30, { lightener: 9 }, { step: 'another' }),
				weighed('toner', 'toner', 7, { 'colour:lantern-demi-9-V': 24, 'developer:7': 40 }),
				weighed('lowlights', 'lowlights', 20, { 'colour:6N': 15 })
			];
		});
		const own = rows().filter(({ visitId }) => visitId === session.id);
		const [lift, lowlights, toner] = own;
		expect(ledgerWords(lift!)).toMatch(/^powder 10 to 20 vol .*, 63 g weighed$/);
		expect(lowlights).toMatchObject({ kind: 'toner', as: 'lowlights', minutes: 30 });
		expect(ledgerWords(lowlights!)).toMatch(/^lowlights: 6N 15 g/);
		expect(toner).toMatchObject({
			parts: [{ name: '9V', level: 9, grams: 24 }],
			ratio: 2
		});
		const text = ledgerCsv(rows(), () => 'A', ledgerWords);
		const read = readLedgerCsv(text);
		expect(read.ok && read.rows.map(ledgerWords)).toEqual(rows().map(ledgerWords));
	});
	it('the latest stand first', async () => {
		const { rows } = await mixed();
		const dates = rows().map(({ date }) => date);
		expect(dates).toEqual(dates.toSorted().reverse());
	});
	it('is found by a shade, a tone in words, a level, a fault, a name, a month', async () => {
		const { session, find } = await mixed();
		const kinds = (query: string) =>
			find(query)
				.filter(({ visitId }) => visitId === session.id)
				.map(({ kind }) => kind);
		expect(kinds('9v')).toEqual(['toner']);
		expect(kinds('violet')).toEqual(['toner']);
		expect(kinds('green')).toEqual(['cure']);
		expect(kinds('level 5 fine vol')).toEqual(['lightening']);
		expect(kinds('hesper march')).toHaveLength(3);
		expect(find('nothing like it')).toEqual([]);
	});
	it('says a row in a line', async () => {
		const { session, rows } = await mixed();
		const [lift, toner, cure] = rows().filter(({ visitId }) => visitId === session.id);
		expect(ledgerWords(lift!)).toMatch(/^powder 20 vol 1 : 2, /);
		expect(ledgerWords(toner!)).toBe('9V 20 g + clear 10 g, 1 : 1.5, Lantern demi');
		expect(ledgerWords(cure!)).toBe('green, left for a week');
	});
	it('an old formula is mixed again for another head, in proportion', async () => {
		const { workspace } = await mixed();
		const line = workspace.shelf!.lines[0]!;
		workspace.transact('again', (draft) =>
			mixAgain(draft.visit('anneke-rill-today'), PARTS, line, 1)
		);
		const { tone } = workspace.visits.get('anneke-rill-today')!;
		expect(tone).toMatchObject({ choice: 'formula', lineId: line.id, ratio: line.ratio });
		const [violet, clear] = tone.parts.map(({ grams }) => grams);
		expect(violet! + clear!).toBe(tone.totalGrams);
		expect(violet! / clear!).toBeGreaterThan(1.7);
		expect(violet! / clear!).toBeLessThan(2.4);
	});
	it('scales in whole steps of the scale, and to the very sum', () => {
		expect(scaledTo(PARTS, 45, 1).map(({ grams }) => grams)).toEqual([30, 15]);
		expect(scaledTo(PARTS, 10, 1).reduce((sum, { grams }) => sum + grams, 0)).toBe(10);
	});
	it('leaves as a table that reads back, in which no cell begins as a formula does', async () => {
		const { session, rows, workspace } = await mixed();
		session.change(
			'notes',
			({ result }) => (result.notes = '=HYPERLINK("x"), "quoted", two\nlines')
		);
		const nameOf = ({ clientId }: LedgerRow) => `@${workspace.clients.get(clientId)!.name}`;
		// Read as another program reads it.
		const { data: table, errors } = Papa.parse<Record<string, string>>(
			ledgerCsv(rows(), nameOf, ledgerWords),
			{ header: true }
		);
		expect(errors).toEqual([]);
		expect(table).toHaveLength(rows().length);
		const toner = table.find(({ kind }) => kind === 'toner')!;
		expect(toner).toMatchObject({
			what: '9V 20 g + clear 10 g, 1 : 1.5, Lantern demi',
			head: "'@Hesper Oake",
			'natural level': '5',
			minutes: '20',
			notes: '\'=HYPERLINK("x"), "quoted", two\nlines'
		});
		for (const row of table)
			for (const cell of Object.values(row)) expect(cell).not.toMatch(/^[=+\-@]/);
	});
	it('rows come back from their file as they were, with what somebody mended in it', async () => {
		const { rows, workspace } = await mixed();
		const nameOf = ({ clientId }: LedgerRow) => workspace.clients.get(clientId)!.name;
		const text = ledgerCsv(rows(), nameOf, ledgerWords);
		const read = readLedgerCsv(text);
		if (!read.ok) throw new Error('not read');
		expect(read.refused).toEqual([]);
		expect(read.rows).toHaveLength(rows().length);
		read.rows.forEach((row, i) => {
			const own = rows()[i]!;
			expect(row.name).toBe(nameOf(own));
			expect(ledgerWords(row)).toBe(ledgerWords(own));
			expect(row).toMatchObject({
				date: own.date,
				head: own.head,
				seen: own.seen,
				expected: own.expected,
				notes: own.notes
			});
		});
		const mended = readLedgerCsv(text.replace('Hesper Oake', 'Hesper Oake-Lund'));
		expect(mended.ok && mended.rows.some(({ name }) => name === 'Hesper Oake-Lund')).toBe(true);
	});
	it('what begins as a formula does or with a quote comes back as it was', async () => {
		const { rows } = await mixed();
		for (const name of ['=1+1', "'quoted", '-dash', '@at', 'plain']) {
			const read = readLedgerCsv(ledgerCsv(rows().slice(0, 1), () => name, ledgerWords));
			expect(read.ok && read.rows[0]!.name).toBe(name);
		}
	});
	it('a file that is none says so, a line that is none is told by its number', async () => {
		const { rows } = await mixed();
		expect(readLedgerCsv('a,b\n1,2').ok).toBe(false);
		expect(readLedgerCsv('').ok).toBe(false);
		const lines = ledgerCsv(rows().slice(0, 2), () => 'A', ledgerWords).split('\n');
		const read = readLedgerCsv([...lines, 'not,a,row'].join('\n'));
		expect(read).toMatchObject({ ok: true, refused: [4] });
	});
	it('tells what a visit came to, and a strand that was tried once however many visits know of it', async () => {
		const { session, workspace, rows, find } = await mixed();
		session.change('tried', (draft) => {
			draft.reading.strandTests = [
				{ id: 'trial-1', date: '2026-02-20', result: 'clean', level: 8, note: 'held well' }
			];
			draft.result = { ...draft.result, tone: 'cool', level: 8, recordedAt: NOW.toISOString() };
		});
		const next = { ...session.visit, id: 'next-one', date: '2026-05-01' };
		put(workspace, next);
		expect(rows().filter(({ kind }) => kind === 'trial')).toHaveLength(2);
		expect(find('hesper held well')).toMatchObject([
			{ kind: 'trial', seen: 8, date: '2026-02-20' }
		]);
		expect(find('hesper came out cool')[0]).toMatchObject({ kind: 'visit', seen: 8 });
	});
});

import { csvFormat, csvParseRows } from 'd3-dsv';
import { ledgerFileRow } from '../../schema/ledger';
import type { LedgerRow } from './rows';

/** What a spreadsheet would take for a formula is told apart by a quote before it. */
const guarded = (cell: string): string => (/^['=+\-@\t\r]/.test(cell) ? `'${cell}` : cell);
const unguarded = (cell: string): string => (/^'['=+\-@\t\r]/.test(cell) ? cell.slice(1) : cell);

/**
 * The ledger as a table in a file: one row a mixture, words and figures that any program reads, and in the last
 * column what it was in a form that is read back.
 * @param nameOf whose hair it went on
 * @param wordsOf what it was, in a line
 * @returns CSV (RFC 4180) with a line of heads; no cell begins as a formula does
 */
export function ledgerCsv(
	rows: readonly LedgerRow[],
	nameOf: (row: LedgerRow) => string,
	wordsOf: (row: LedgerRow) => string
): string {
	return csvFormat(
		rows.map((row) => ({
			date: row.date,
			head: guarded(nameOf(row)),
			colourist: guarded(row.colourist),
			kind: row.kind,
			what: guarded(wordsOf(row)),
			'natural level': row.head.naturalLevel,
			texture: row.head.texture,
			warmth: row.head.warmth,
			minutes: row.minutes ?? '',
			expected: row.expected ?? '',
			seen: row.seen ?? '',
			notes: guarded(row.notes),
			record: JSON.stringify(row)
		}))
	);
}

/** Columns that hold a number, or nothing. */
const FIGURES = ['natural level', 'minutes', 'expected', 'seen'] as const;
const figureIn = (cell: string | undefined): number | undefined =>
	cell === undefined || cell.trim() === '' ? undefined : Number(cell.replace(',', '.'));
function recordIn(cell: string | undefined): unknown {
	try {
		return JSON.parse(cell ?? '');
	} catch {
		return undefined;
	}
}

/** A row that was read back; whose hair it was is a name, for it need not be a client of these records. */
export type FileLedgerRow = LedgerRow & { readonly name: string };

/** What a file of the ledger holds. */
export type LedgerFile =
	| {
			readonly ok: true;
			readonly rows: readonly FileLedgerRow[];
			/** Lines of the file, from 1, that are no rows of a ledger. */
			readonly refused: readonly number[];
	  }
	| { readonly ok: false };

/**
 * Reads rows back that were exported. What people may have mended in the file counts: days, names, minutes, levels and
 * notes are taken from their cells, and only what was mixed from the last one.
 * @returns not ok where the text is no such table
 */
export function readLedgerCsv(text: string): LedgerFile {
	// Not the parser that makes objects: it writes a function as text, which the page's policy forbids.
	const [columns = [], ...table] = csvParseRows(text);
	if (!columns.includes('record') || !columns.includes('date')) return { ok: false };
	const refused: number[] = [];
	const rows = table.flatMap((line, i): FileLedgerRow[] => {
		const cells = Object.fromEntries(
			columns.map((name, column) => [name, unguarded(line[column] ?? '')])
		);
		const read = ledgerFileRow.safeParse({
			...cells,
			...Object.fromEntries(FIGURES.map((name) => [name, figureIn(cells[name])])),
			record: recordIn(cells['record'])
		});
		if (!read.success) {
			// The first line holds the heads.
			refused.push(i + 2);
			return [];
		}
		const { date, head, colourist, minutes, expected, seen, notes, texture, warmth, record } =
			read.data;
		return [
			{
				key: `file ${i}`,
				visitId: '',
				clientId: '',
				name: head,
				date,
				colourist,
				head: { naturalLevel: read.data['natural level'], texture, warmth },
				minutes,
				expected,
				seen,
				notes,
				...record
			}
		];
	});
	return { ok: true, rows, refused };
}

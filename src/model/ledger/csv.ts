import { csvFormat } from 'd3-dsv';
import type { LedgerRow } from './rows';

/** What a spreadsheet would take for a formula is told apart by a quote before it. */
const guarded = (cell: string): string => (/^[=+\-@\t\r]/.test(cell) ? `'${cell}` : cell);

/**
 * The ledger as a table in a file: one row a mixture, words and figures that any program reads.
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
			minutes: row.minutes ?? '',
			expected: row.expected ?? '',
			seen: row.seen ?? '',
			notes: guarded(row.notes)
		}))
	);
}

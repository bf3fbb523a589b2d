// A salon of a hundred demos as a file of records: the demo's own visits again and again, on other heads and days.
import { closeSync, openSync, writeSync } from 'node:fs';

const FIRST = ['Ana', 'Bero', 'Cilla', 'Dorin', 'Esme', 'Fenno', 'Gilda', 'Harun', 'Ilse', 'Joris'];
const MORE = ['la', 'ric', 'nor', 'sel', 'mira', 'dan', 'wyn', 'tos', 'bel', 'ker'];
const LAST = ['Ash', 'Bram', 'Cald', 'Dun', 'Elm', 'Fair', 'Grim', 'Hol', 'Ing', 'Kest'];
const ENDS = ['wick', 'more', 'den', 'ley', 'ford', 'gate', 'holt', 'by', 'ton', 'rill'];

const dayBefore = (day, days) => {
	const date = new Date(`${day}T12:00:00Z`);
	date.setUTCDate(date.getUTCDate() - days);
	return date.toISOString().slice(0, 10);
};

/**
 * Writes the file, one document a line.
 * @param demo documents of the demo
 * @returns its length in bytes
 */
export function writeManyVisits(path, demo, { clients, visits, today }) {
	const done = demo.filter(({ kind, status }) => kind === 'visit' && status === 'done');
	const heads = demo.filter(({ kind }) => kind === 'client');
	const shelf = demo.find(({ kind }) => kind === 'shelf');
	const file = openSync(path, 'w');
	let bytes = writeSync(
		file,
		`{"format":"zelvant-records","version":1,"exportedAt":"${today}T10:00:00.000Z","documents":[\n${JSON.stringify(shelf)}`
	);
	const put = (document) => (bytes += writeSync(file, `,\n${JSON.stringify(document)}`));
	// A day as the demo has it stands on top.
	const open = demo.filter(({ kind, status }) => kind === 'visit' && status !== 'done');
	for (const client of heads.filter(({ id }) => open.some(({ clientId }) => clientId === id)))
		put(client);
	for (const visit of open) put(visit);
	for (let i = 0; i < clients; i++) {
		const name = `${FIRST[i % 10]}${MORE[Math.floor(i / 10) % 10]} ${LAST[Math.floor(i / 100) % 10]}${ENDS[Math.floor(i / 1000 + i) % 10]}`;
		put({ ...heads[i % heads.length], id: `many-${i}`, name: `${name} ${i}` });
	}
	for (let i = 0; i < visits; i++) {
		const from = done[i % done.length];
		// Five years of working days.
		const date = dayBefore(today, 1 + Math.floor((i * 1826) / visits));
		put({ ...from, id: `many-visit-${i}`, clientId: `many-${(i * 7) % clients}`, date });
	}
	bytes += writeSync(file, '\n]}\n');
	closeSync(file);
	return bytes;
}

import { momentIn } from '../time';
import { describe, expect, it } from 'vitest';
import { newClient, newVisit } from '../commands/newVisit';
import type { Client, Visit } from '../../schema/records';
import { dueWords } from '../../wording/tests';
import { dueTests } from './dueTests';

const MOMENT = momentIn(new Date('2026-03-02T10:00:00Z'), 'Etc/UTC');
const NOW = MOMENT.at;

function due(client: Partial<Client>, reading: Partial<Visit['reading']>, rest?: Partial<Visit>) {
	const whole = { ...newClient('Ruta Semmel', NOW), ...client };
	const plain = newVisit(whole.id, MOMENT);
	const visit = { ...plain, ...rest, reading: { ...plain.reading, ...reading } };
	return dueTests([visit], () => whole, MOMENT.day).map((test) => [dueWords(test), test.stops]);
}
const VALID = { patchTests: [{ date: '2026-02-01', reacted: false }] };
const strand = (date: string, result: 'pending' | 'clean' | 'reacted') => ({
	strandTests: [{ id: 'a', date, result, note: '' }]
});

describe('tests due', () => {
	it('are none for a head that needs none, or that is done', () => {
		expect(due(VALID, {})).toEqual([]);
		expect(due({}, { henna: true }, { status: 'done' })).toEqual([]);
	});
	it('ask for a patch test that is missing, not yet readable or too old', () => {
		expect(due({}, {})).toEqual([['no patch test', false]]);
		expect(due({ patchTests: [{ date: '2026-03-02', reacted: false }] }, {})).toEqual([
			['patch test readable on 2026-03-04', false]
		]);
		expect(due({ patchTests: [{ date: '2025-03-02', reacted: false }] }, {})).toEqual([
			['patch test due again', false]
		]);
	});
	it('stop for henna until a strand was tried clean', () => {
		expect(due(VALID, { henna: true })).toEqual([['no strand test', true]]);
		expect(due(VALID, { henna: true, ...strand('2026-02-20', 'pending') })).toEqual([
			['strand test pending', true]
		]);
		expect(due(VALID, { henna: true, ...strand('2026-02-20', 'clean') })).toEqual([]);
	});
	it('ask again when something went on the hair since', () => {
		const history: Visit['reading']['history'] = [
			{ id: 'h', date: '2026-02-25', kind: 'perm', onto: 'all' }
		];
		expect(due(VALID, { history, ...strand('2026-02-20', 'clean') })).toEqual([
			['strand test outdated', false]
		]);
	});
});

import { describe, expect, test } from 'vitest';
import { momentIn } from '../time';
import { madePast, pastAt } from './madePast';
import { demoPast } from './past';

describe('The past of the demo', () => {
	const made = madePast();

	test.each([
		['2026-03-02T10:00:00Z', 'Etc/UTC'],
		// A leap day, the night in which clocks change, and a day that has begun elsewhere.
		['2028-02-29T23:30:00.123Z', 'Europe/Lisbon'],
		['2026-10-25T00:30:00Z', 'Europe/Berlin'],
		['2025-12-31T20:00:00Z', 'Pacific/Auckland']
	])('moved to %s in %s it is what would have been made up there', (at, zone) => {
		const moment = momentIn(new Date(at), zone);
		expect(pastAt(made, moment)).toEqual(JSON.parse(JSON.stringify(demoPast(moment))));
	});
});

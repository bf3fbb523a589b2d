import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { newVisit } from './commands/newVisit';
import { dayAfter, dayIn, daysBetween, momentIn, weeksBetween } from './time';

describe('the day where somebody stands', () => {
	it.each([
		// Half past eleven at night, on both sides of Greenwich.
		['2026-03-03T04:30:00Z', 'America/Halifax', '2026-03-03'],
		['2026-03-03T03:30:00Z', 'America/Halifax', '2026-03-02'],
		['2026-03-02T07:30:00Z', 'Pacific/Auckland', '2026-03-02'],
		['2026-03-02T10:30:00Z', 'Pacific/Auckland', '2026-03-02'],
		['2026-03-02T11:30:00Z', 'Pacific/Auckland', '2026-03-03'],
		// The night in which the clocks go forward, and the one in which they go back.
		['2026-03-29T00:30:00Z', 'Europe/London', '2026-03-29'],
		['2026-10-25T00:30:00Z', 'Europe/London', '2026-10-25'],
		['2026-10-24T22:30:00Z', 'Europe/London', '2026-10-24']
	])('%s in %s is %s', (at, zone, day) => {
		expect(dayIn(new Date(at), zone)).toBe(day);
	});
	it('dates a visit of the evening on that evening', () => {
		const evening = momentIn(new Date('2026-07-15T03:30:00Z'), 'America/Los_Angeles');
		expect(newVisit('c', evening).date).toBe('2026-07-14');
	});
});

describe('days', () => {
	it('are counted over a change of summer time and a leap day', () => {
		expect(dayAfter('2026-03-28', 2)).toBe('2026-03-30');
		expect(daysBetween('2026-10-24', '2026-10-26')).toBe(2);
		expect(dayAfter('2028-02-28', 1)).toBe('2028-02-29');
		expect(weeksBetween('2026-03-01', '2026-04-12')).toBe(6);
	});
	it('come back when as many are added as lie between', () => {
		fc.assert(
			fc.property(fc.integer({ min: -4000, max: 4000 }), (days) => {
				expect(daysBetween('2026-03-02', dayAfter('2026-03-02', days))).toBe(days);
			})
		);
	});
});

import { describe, expect, it } from 'vitest';
import { rateBand, yearsAxis } from './years';

const visits = ['2024-12-01', '2025-06-01', '2025-06-05', '2026-02-20'].map((date) => ({ date }));
const axis = yearsAxis(visits, '2026-03-02', 800, 40);

describe('a head over years', () => {
	it('stands on one axis, earlier further left, today at the end', () => {
		expect(axis.at('2024-12-01')).toBeLessThan(axis.at('2025-06-01'));
		expect(axis.at('2026-03-02')).toBeLessThanOrEqual(axis.today);
		expect(axis.ticks.flatMap(({ year }) => year ?? [])).toEqual([2025, 2026]);
	});
	it('visits that would cover one another make room, and keep their order', () => {
		axis.places.forEach((place, i) => {
			if (i > 0) expect(place - axis.places[i - 1]!).toBeGreaterThanOrEqual(40 - 1e-9);
		});
		expect(axis.today - axis.places.at(-1)!).toBeGreaterThanOrEqual(40 - 1e-9);
	});
	it('crowded visits with a long pause after them stay on the axis', () => {
		const often = Array.from({ length: 12 }, (_, i) => ({
			date: `2025-${String(i + 1).padStart(2, '0')}-10`
		}));
		const crowded = yearsAxis(often, '2026-09-01', 700, 44);
		expect(crowded.places[0]!).toBeGreaterThanOrEqual(44);
		crowded.places.forEach((place, i) => {
			if (i > 0) expect(place - crowded.places[i - 1]!).toBeGreaterThanOrEqual(44 - 1e-9);
		});
		expect(crowded.today - crowded.places.at(-1)!).toBeGreaterThanOrEqual(44 - 1e-9);
	});
	it('one visit alone does not fill it', () => {
		const one = yearsAxis([{ date: '2026-03-01' }], '2026-03-02', 800, 40);
		expect(one.at('2026-03-01') - one.at('2025-12-01')).toBeGreaterThan(100);
	});
	it('what was known is a band about its line, wider where less was known', () => {
		const { band, path, typical } = rateBand(
			[
				{ date: '2025-01-01', mean: 0, sd: 0.2 },
				{ date: '2026-01-01', mean: -0.2, sd: 0.05 }
			],
			axis.at,
			100
		);
		expect(band).toMatch(/^M/);
		expect(path).toMatch(/^M/);
		const last = Number(/,(-?[\d.]+)$/.exec(path)![1]);
		// Slower lies below typical.
		expect(last).toBeGreaterThan(typical);
	});
});

import { describe, expect, it } from 'vitest';
import { regrowthShows } from './regrowthShows';

const GROWTH = 1.25;
const always = (levels: number) => () => levels;

describe('the week from which regrowth shows', () => {
	it('solid blonde four levels over natural hair comes back within 5-8 weeks', () => {
		const week = regrowthShows(always(4), GROWTH)!;
		expect(week).toBeGreaterThanOrEqual(5);
		expect(week).toBeLessThanOrEqual(8);
	});
	it('the nearer to the natural level, the later', () => {
		const weeks = [4, 3, 2, 1, 0.75].map((levels) => regrowthShows(always(levels), GROWTH)!);
		expect(weeks).toEqual(weeks.toSorted((p, q) => p - q));
		expect(new Set(weeks).size).toBe(weeks.length);
		expect(weeks.at(-1)!).toBeGreaterThan(26);
	});
	it('slow hair shows it later, and hair of one level never', () => {
		expect(regrowthShows(always(3), 0.8)!).toBeGreaterThan(regrowthShows(always(3), GROWTH)!);
		expect(regrowthShows(always(0.1), GROWTH)).toBeUndefined();
	});
	it('a shadow that fades shows earlier than one that holds', () => {
		const fades = regrowthShows((week) => Math.min(4, 1 + week / 6), GROWTH)!;
		expect(fades).toBeLessThan(regrowthShows(always(1), GROWTH)!);
	});
});

import { describe, expect, it } from 'vitest';
import { levelOfFibre } from './fibre';
import { strandFromHistory } from './history';
import type { HeadHistory, HistoryEvent } from './past';
import type { PointStart } from './strand';

const history = (
	events: readonly HistoryEvent[],
	change: Partial<HeadHistory> = {}
): HeadHistory => ({
	naturalLevel: 5,
	warmth: 'neutral',
	texture: 'medium',
	lengthCm: 40,
	events,
	...change
});
const at = (points: readonly PointStart[], cm: number) =>
	points.find(({ distanceCm }) => distanceCm >= cm - 1e-9)!;
const level = (points: readonly PointStart[], cm: number) => levelOfFibre(at(points, cm).fibre);
const N4 = { level: 4, tone: 'N' };
const foils = (weeksAgo: number): HistoryEvent => ({
	kind: 'lightening',
	weeksAgo,
	onto: 'all',
	how: { product: 'powder', volume: 20, ratio: 2, minutes: 45, placement: 'foil' }
});

describe('a strand from its history', () => {
	it('of nothing is natural and untouched to the tips', () => {
		const { points, regrowthCm } = strandFromHistory(history([]));
		expect(points.every(({ condition }) => condition === 100)).toBe(true);
		expect(level(points, 39)).toBeCloseTo(5, 6);
		expect(regrowthCm).toBeUndefined();
		expect(
			Math.max(...points.slice(1).map((p, i) => p.distanceCm - points[i]!.distanceCm))
		).toBeLessThanOrEqual(0.5);
	});
	it('has grown 1.25 cm a month since, unless this head grows otherwise', () => {
		const half = strandFromHistory(history([foils(26)]));
		expect(half.regrowthCm).toBeCloseTo(7.5, 1);
		expect(level(half.points, 6.5)).toBeCloseTo(5, 6);
		expect(level(half.points, 8.5)).toBeGreaterThan(8);
		const fast = strandFromHistory(history([foils(26)], { growthCmPerMonth: 1.5 }));
		expect(fast.regrowthCm).toBeCloseTo(9, 1);
	});
	it('carries an old hot root down with it', () => {
		const { points } = strandFromHistory(history([foils(17.4)]));
		// Five centimetres of regrowth; what lay at the scalp then is the warm stripe now.
		expect(level(points, 5.5)).toBeGreaterThan(level(points, 12));
	});
	it('layers repeated colour on the lengths and a single one on what grew between', () => {
		const colour = (weeksAgo: number): HistoryEvent => ({
			kind: 'colour',
			weeksAgo,
			vehicle: 'permanent',
			shade: N4,
			onto: 'all'
		});
		const { points } = strandFromHistory(history([colour(30), colour(4)]));
		expect(at(points, 20).fibre.layers).toHaveLength(2);
		expect(at(points, 20).fibre.layers.every(({ layers }) => layers === 2)).toBe(true);
		expect(at(points, 4).fibre.layers).toHaveLength(1);
		expect(at(points, 0.5).fibre.layers).toHaveLength(0);
		expect(level(points, 20)).toBeLessThanOrEqual(level(points, 4));
	});
	it('puts a retouch on the regrowth of its day alone', () => {
		const retouch: HistoryEvent = {
			kind: 'colour',
			weeksAgo: 4,
			vehicle: 'demi',
			shade: N4,
			onto: 'regrowth'
		};
		const { points } = strandFromHistory(history([foils(26), retouch]));
		expect(at(points, 3).fibre.layers).toHaveLength(1);
		expect(at(points, 12).fibre.layers).toHaveLength(0);
	});
	it('fades what was washed, and loses what was cut', () => {
		const gloss = (weeksAgo: number): HistoryEvent => ({
			kind: 'colour',
			weeksAgo,
			vehicle: 'gloss',
			shade: N4,
			onto: 'all'
		});
		const fresh = strandFromHistory(history([gloss(1)])).points;
		const old = strandFromHistory(history([gloss(12)])).points;
		expect(level(old, 30)).toBeGreaterThan(level(fresh, 30));
		const ends: HistoryEvent = { kind: 'perm', weeksAgo: 20, onto: 'ends' };
		const kept = strandFromHistory(history([ends])).points.at(-1)!;
		const cut = strandFromHistory(history([ends, { kind: 'cut', weeksAgo: 2, cm: 12 }])).points.at(
			-1
		)!;
		expect(kept.condition).toBeLessThan(100);
		expect(cut.condition).toBe(100);
	});
	it('stains with henna, which shows on white hair too, and wears with perms', () => {
		const { points } = strandFromHistory(
			history([
				{ kind: 'henna', weeksAgo: 3, onto: 'all' },
				{ kind: 'relaxer', weeksAgo: 3, onto: 'all' }
			])
		);
		expect(at(points, 20).fibre.layers[0]!.dyes.orange).toBeGreaterThan(0);
		expect(at(points, 20).white!.layers[0]!.dyes.orange).toBeGreaterThan(0);
		expect(at(points, 20).condition).toBeLessThan(90);
	});
});

describe('history against what is read now', () => {
	const told = history([foils(26)]);
	const expected = level(strandFromHistory(told).points, 20);

	it('agrees quietly when it agrees', () => {
		const reading = { fromCm: 9, toCm: 40, level: expected + 0.2 };
		expect(strandFromHistory(told, [reading]).disagreements).toEqual([]);
	});
	it.each([7, 10])('shows both and takes what is read: level %d', (read) => {
		const reading = { fromCm: 9, toCm: 40, level: read };
		const { points, disagreements } = strandFromHistory(told, [reading]);
		expect(disagreements[0]).toMatchObject({ level: read });
		expect(disagreements[0]!.expected).toBeCloseTo(expected, 1);
		const levels = points
			.filter(({ distanceCm }) => distanceCm >= 9)
			.map(({ fibre }) => levelOfFibre(fibre));
		expect(levels.reduce((sum, l) => sum + l, 0) / levels.length).toBeCloseTo(read, 1);
		expect(level(points, 3)).toBeCloseTo(5, 6);
		expect(at(points, 20).remembered).toBeUndefined();
		expect(at(points, 3).remembered).toBeUndefined();
	});
	it('scales old colour to the level read, and keeps its kind', () => {
		const coloured = history([
			{ kind: 'colour', weeksAgo: 6, vehicle: 'permanent', shade: N4, onto: 'all' }
		]);
		const { points } = strandFromHistory(coloured, [{ fromCm: 2, toCm: 40, level: 3.6 }]);
		expect(level(points, 20)).toBeCloseTo(3.6, 2);
		expect(at(points, 20).fibre.layers).toHaveLength(1);
	});
});

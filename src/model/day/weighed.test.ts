import { describe, expect, it } from 'vitest';
import type { MixedBowl } from '../../schema/records';
import { asWeighed, furtherTargets, strongerBy, weighedGrams } from './weighed';

const bowl = (
	kind: MixedBowl['kind'],
	grams: number,
	more: Partial<MixedBowl> = {}
): MixedBowl => ({
	id: `bowl ${kind} ${grams}`,
	kind,
	number: 1,
	at: '2026-03-02T10:00:00.000Z',
	volume: 20,
	ratio: 2,
	sections: [],
	parts: [
		{ key: 'a', name: 'a', grams: grams / 3, target: 10 },
		{ key: 'b', name: 'b', grams: (2 * grams) / 3, target: 20 }
	],
	done: true,
	...more
});

describe('what was weighed', () => {
	const mixed = [
		bowl('lightener', 60),
		bowl('toner', 45),
		bowl('lightener', 30, { step: 'again' }),
		bowl('lightener', 12, {
			parts: [
				{ key: 'a', name: 'a', grams: 12, target: 12 },
				{ key: 'additive', name: 'drops', grams: 8, target: 8 }
			]
		})
	];
	it('is told by kind of bowl, and drops are no grams', () => {
		expect(weighedGrams({ bowls: { mixed } }, 'lightener')).toBeCloseTo(102, 9);
		expect(weighedGrams({ bowls: { mixed } }, 'toner')).toBeCloseTo(45, 9);
		expect(weighedGrams({ bowls: { mixed: [] } }, 'lightener')).toBe(0);
	});
	it('for further applications is held to what was planned then', () => {
		expect(furtherTargets({ bowls: { mixed } as never })).toBe(30);
	});
});

describe('bowls as they were weighed', () => {
	const staged = [
		{ id: 'one', volume: 20, ratio: 2 },
		{ id: 'two', volume: 10, ratio: 2 }
	];
	const weighed = (parts: readonly [string, number][], more: Partial<MixedBowl> = {}) =>
		asWeighed(staged, {
			mixed: [
				bowl('lightener', 1, {
					id: 'one',
					parts: parts.map(([key, grams]) => ({ key, name: key, grams, target: grams })),
					...more
				})
			]
		});
	it('have the strength of the developers that went in, and the ratio that came of it', () => {
		const [one, two] = weighed([
			['lightener', 20],
			['second', 5],
			['developer:20', 30],
			['developer:30', 10]
		]);
		expect(one!.volume).toBeCloseTo(22.5, 9);
		expect(one!.ratio).toBeCloseTo(1.6, 9);
		expect(two).toEqual(staged[1]);
	});
	it('are as they were staged until all is in, and where none of it is known', () => {
		const parts: [string, number][] = [
			['lightener', 20],
			['developer:30', 40]
		];
		expect(weighed(parts, { done: false })).toEqual(staged);
		expect(weighed(parts, { step: 'again' })).toEqual(staged);
		expect(weighed(parts, { kind: 'toner' })).toEqual(staged);
		expect(weighed([['lightener', 20]])[0]).toEqual({ id: 'one', volume: 20, ratio: 2 });
		expect(asWeighed(staged, { mixed: [] })).toBe(staged);
	});
	it('are no stronger by what a scale errs by', () => {
		const strength = (grams: number) =>
			weighed([
				['lightener', 20],
				['developer:20', 40 - grams],
				['developer:30', grams]
			])[0]!.volume;
		expect(strength(1.9)).toBe(20);
		expect(strength(2)).toBeCloseTo(20.5, 9);
	});
	it('never leave what a ratio can be', () => {
		expect(
			weighed([
				['lightener', 1],
				['developer:20', 90]
			])[0]!.ratio
		).toBe(4);
		expect(
			weighed([
				['lightener', 90],
				['developer:20', 1]
			])[0]!.ratio
		).toBe(0.5);
	});
});

describe('how much stronger the bowls of a head are than they were staged', () => {
	const bowls = (...volumes: number[]) => volumes.map((volume) => ({ volume }));
	it('is that of the middle one', () => {
		expect(strongerBy(bowls(10, 15, 20), bowls(20, 25, 30))).toBe(10);
		expect(strongerBy(bowls(10, 15, 20), bowls(10, 25, 20))).toBe(0);
		expect(strongerBy(bowls(20, 20), bowls(20, 10))).toBe(-5);
		expect(strongerBy([], [])).toBe(0);
	});
	it('is nothing where it is what a scale errs by', () => {
		expect(strongerBy(bowls(20), bowls(20.4))).toBe(0);
		expect(strongerBy(bowls(20), bowls(20.5))).toBe(0.5);
	});
});

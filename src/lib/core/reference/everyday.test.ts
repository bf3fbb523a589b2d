import { describe, expect, it } from 'vitest';
import { chromaOf, hueOf, levelOf, undertoneOf, type Lab } from '../colour';
import { labOfMixture, naturalPigment, type Warmth } from '../hair';
import {
	fibreOfReading,
	labOfFibre,
	levelOfFibre,
	pigmentOnPath,
	predictLift,
	type Application,
	type Fibre
} from '../lift';
import { previewTone, rawLab, type DepositConditions, type FormulaPart } from '../tone';

/**
 * The everyday outcomes that the model's constants are fitted to. Each row is something colourists
 * see every week; a constant that breaks one of them is wrong, whatever else it improves.
 */

const natural = (level: number, warmth: Warmth = 'neutral'): Fibre => ({
	...naturalPigment(level, warmth),
	layers: []
});
const foil: Application = {
	product: 'powder',
	volume: 20,
	ratio: 2,
	minutes: 45,
	placement: 'foil'
};
const lift = (
	start: Fibre,
	naturalLevel: number,
	change: Partial<Application> = {},
	texture: 'fine' | 'medium' | 'coarse' = 'medium'
) => predictLift(start, [{ ...foil, ...change }], { naturalLevel, texture })[0]!;

const within = (value: number, middle: number, spread: number) => {
	expect(value).toBeGreaterThanOrEqual(middle - spread);
	expect(value).toBeLessThanOrEqual(middle + spread);
};

describe('lift, everyday', () => {
	it('5 medium, 20 vol 1:2, 45 min: 9.0 ± 0.4, yellow', () => {
		const result = lift(natural(5), 5);
		within(result.level, 9, 0.4);
		expect(result.undertone.name).toBe('yellow');
	});
	it('3 medium, 30 vol 1:2, 45 min: 8.7 ± 0.5', () => {
		within(lift(natural(3), 3, { volume: 30 }).level, 8.7, 0.5);
	});
	it('2 coarse, 20 vol 1:2, 45 min: 6.4 ± 0.5, orange', () => {
		const result = lift(natural(2), 2, {}, 'coarse');
		within(result.level, 6.4, 0.5);
		expect(result.undertone.name).toBe('orange');
	});
	it.each([
		[3, 2.1],
		[5, 2.7],
		[7, 2.3]
	])('%d, high-lift 40 vol 1:2 under a cap, 45 min: about %f levels', (level, gain) => {
		const change = { product: 'highLift', volume: 40, placement: 'cap' } as const;
		within(lift(natural(level), level, change).level - level, gain, 0.33);
	});
	it('3, 1:1 against 1:3: the thicker mix at least half a level further', () => {
		const gain = lift(natural(3), 3, { ratio: 1 }).level - lift(natural(3), 3, { ratio: 3 }).level;
		expect(gain).toBeGreaterThanOrEqual(0.5);
	});
	it('1 medium, 20 vol, 45 min, then again: past 8 in total', () => {
		const twice = predictLift(natural(1), [foil, foil], { naturalLevel: 1, texture: 'medium' });
		expect(twice[1]!.level).toBeGreaterThan(8);
	});
	it('7 fine, 10 vol, 60 min: 9.7 ± 0.4', () => {
		within(lift(natural(7), 7, { volume: 10, minutes: 60 }, 'fine').level, 9.7, 0.4);
	});
	it('6 red, 20 vol 1:1.5, 45 min: about half a level behind 6 neutral, and warmer', () => {
		const red = lift(natural(6, 'red'), 6, { ratio: 1.5 });
		const neutral = lift(natural(6), 6, { ratio: 1.5 });
		within(neutral.level - red.level, 0.5, 0.33);
		expect(hueOf(red.lab)).toBeLessThan(hueOf(neutral.lab));
	});
	it('4, cream on scalp, 50 min: half a level or more lighter at the scalp than at 5 cm', () => {
		const at = (distanceCm: number) =>
			lift(natural(4), 4, {
				product: 'cream',
				ratio: 1.5,
				minutes: 50,
				placement: 'onScalp',
				distanceCm
			}).level;
		expect(at(0) - at(5)).toBeGreaterThanOrEqual(0.5);
	});
	it('5, permanent 20 vol near the scalp, 35 min, the lift alone: 1 to 1.5 levels, warm', () => {
		const result = lift(natural(5), 5, {
			product: 'permanent',
			ratio: 1,
			minutes: 35,
			placement: 'onScalp',
			distanceCm: 0.5
		});
		within(result.level - 5, 1.2, 0.35);
		expect(result.lab.a).toBeGreaterThan(labOfFibre(natural(5)).a);
	});
	it('two layers of level 3 over 5: 1 to 2 levels behind the untouched 5 beside it', () => {
		const coloured = fibreOfReading({
			naturalLevel: 5,
			warmth: 'neutral',
			presentLevel: 3,
			artificial: [{ kind: 'permanent', level: 3, tone: 'N', layers: 2 }]
		});
		within(lift(natural(5), 5).level - lift(coloured, 5).level, 1.5, 0.5);
	});
	it('5 with half white, untreated: reads 8 to 8.6', () => {
		within(levelOf(labOfMixture(naturalPigment(5, 'neutral'), 0.5).l), 8.3, 0.3);
	});
});

describe('tone, everyday', () => {
	const lifted = (level: number) => ({ pigment: pigmentOnPath(3, 'neutral', level) });
	const tone = (
		raw: { pigment: { eumelanin: number; pheomelanin: number } },
		parts: readonly FormulaPart[],
		conditions: Partial<DepositConditions> = {}
	) => previewTone(raw, parts, { vehicle: 'demi', ratio: 2, minutes: 20, ...conditions });
	const drop = (before: Lab, after: Lab) => 1 - chromaOf(after) / chromaOf(before);
	const of = (level: number, letters: string, intensity?: number): FormulaPart[] => [
		{ level, tone: letters, grams: 30, intensity }
	];

	it('yellow 9 with 9V demi 1:2: chroma down by a third, hue kept, half to one level deeper', () => {
		const raw = lifted(9);
		const after = tone(raw, of(9, 'V'));
		expect(drop(rawLab(raw), after.lab)).toBeGreaterThanOrEqual(0.3);
		within(hueOf(after.lab) - hueOf(rawLab(raw)), 0, 3);
		within(after.levelShift, -0.75, 0.3);
	});
	it('pale yellow 10 with 10V rapid, 5 min: chroma down by a fifth, at most half a level deeper', () => {
		const raw = lifted(10);
		const after = tone(raw, of(10, 'V'), { vehicle: 'rapid', minutes: 5 });
		expect(drop(rawLab(raw), after.lab)).toBeGreaterThanOrEqual(0.2);
		expect(after.levelShift).toBeGreaterThanOrEqual(-0.5);
	});
	it('orange 7 with a dense 9B gloss: chroma down by 35 %, clearly deeper', () => {
		const raw = lifted(7);
		const after = tone(raw, of(9, 'B', 2), { vehicle: 'gloss', ratio: 1, minutes: 15 });
		expect(drop(rawLab(raw), after.lab)).toBeGreaterThanOrEqual(0.35);
		expect(after.levelShift).toBeLessThan(-0.5);
	});
	it('orange 7 with a sheer 10V demi: little happens', () => {
		const raw = lifted(7);
		expect(Math.abs(drop(rawLab(raw), tone(raw, of(10, 'V')).lab))).toBeLessThan(0.2);
	});
	it('orange 7: blue brings a* down further than violet of the same strength', () => {
		const raw = lifted(7);
		expect(tone(raw, of(8, 'B')).lab.a).toBeLessThan(tone(raw, of(8, 'V')).lab.a);
	});
	it('red 4 to 5 with green: a* down by half', () => {
		const raw = { pigment: { eumelanin: 2.2, pheomelanin: 2.2 } };
		const before = rawLab(raw);
		within(levelOf(before.l), 5, 0.5);
		expect(tone(raw, of(4, 'NM')).lab.a).toBeLessThan(before.a * 0.55);
	});
	it.each([8, 5])('pale yellow 10 with %dA: green cast, with a warning', (level) => {
		const after = tone(lifted(10), of(level, 'A'));
		expect(after.lab.a).toBeLessThan(0);
		expect(after.warnings.map(({ code }) => code)).toContain('greenCast');
	});
	it('pale yellow 10 with 6N demi: 7.3 to 8.2', () => {
		within(tone(lifted(10), of(6, 'N')).level, 7.75, 0.45);
	});
	it('natural 5 with 5N demi: 4.4 to 5', () => {
		within(tone({ pigment: naturalPigment(5, 'neutral') }, of(5, 'N')).level, 4.7, 0.3);
	});
	it('white hair with permanent 6N 1:1, 35 min: 6 ± 0.3', () => {
		const white = { pigment: { eumelanin: 0, pheomelanin: 0 } };
		const after = tone(white, of(6, 'N'), { vehicle: 'permanent', ratio: 1, minutes: 35 });
		within(after.level, 6, 0.3);
	});
	it('5 with permanent 6N 20 vol over its own lift: between 5 and 6', () => {
		const open = lift(natural(5), 5, {
			product: 'permanent',
			ratio: 1,
			minutes: 35,
			placement: 'onScalp',
			distanceCm: 0.5
		}).fibre;
		const after = tone({ pigment: open }, of(6, 'N'), {
			vehicle: 'permanent',
			ratio: 1,
			minutes: 35
		});
		within(after.level, 5.5, 0.5);
	});
});

describe('wear, everyday', () => {
	it('the same lift by 20 vol in longer time wears less than by 40 vol', () => {
		const strong = lift(natural(4), 4, { volume: 40, minutes: 25 });
		let minutes = 25;
		while (lift(natural(4), 4, { minutes }).level < strong.level) minutes++;
		expect(lift(natural(4), 4, { minutes }).condition).toBeGreaterThan(strong.condition);
	});
	it('names of undertones meet the levels every chart teaches', () => {
		const name = (level: number) =>
			undertoneOf(labOfFibre({ ...pigmentOnPath(1, 'neutral', level), layers: [] })).name;
		expect(name(4)).toBe('red');
		expect(name(6.2)).toBe('orange');
		expect(name(7.6)).toBe('yellow-orange');
		expect(name(9.2)).toBe('yellow');
		expect(levelOfFibre({ ...pigmentOnPath(1, 'neutral', 9.2), layers: [] })).toBeCloseTo(9.2, 2);
	});
});

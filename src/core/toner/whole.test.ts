import { fadeByWeek } from '../tone/fade';
import { fillerFor } from './filler';
import { overToned } from '../tone/course';
import { solveTwoStepSteps } from './twoStep';
import { finish } from '../steps';
import { toneCourse } from '../tone/course';
import { dyesIn } from '../../testing/dyesIn';
import { describe, expect, it } from 'vitest';
import { chromaOf, deltaE, hueOf, labOf, levelOf, reflectance, absorbance } from '../colour';
import { labOfPigment, naturalPigment } from '../hair';
import { pigmentOnPath } from '../lift';
import {
	isClear,
	previewTone,
	rawLab,
	rootShadowLevel,
	targetLab,
	type DepositConditions,
	type FormulaPart
} from '../tone';
import type { ShelfShade } from './search';
import { solveTone } from './solve';

const demi: DepositConditions = { vehicle: 'demi', ratio: 2, minutes: 20 };
const rawAt = (level: number) => ({ pigment: pigmentOnPath(3, 'neutral', level) });
const shades = (tones: readonly string[], levels: readonly number[], form?: ShelfShade['form']) =>
	tones.flatMap((tone) =>
		levels.map((level): ShelfShade => ({
			id: `${level}${tone}${form ?? ''}`,
			level,
			tone,
			vehicle: 'demi',
			...(form ? { form } : {})
		}))
	);
const shelf = shades(['N', 'V', 'P', 'B', 'G', 'M', 'C'], [5, 6, 7, 8, 9, 10]);
const gramsOf = (parts: readonly FormulaPart[]) => parts.reduce((sum, { grams }) => sum + grams, 0);

describe('formulas of three', () => {
	const raw = rawAt(9);
	/** A colour that only three tubes together give. */
	const parts: FormulaPart[] = [
		{ level: 9, tone: 'V', grams: 9 },
		{ level: 8, tone: 'G', grams: 4 },
		{ level: 7, tone: 'N', grams: 7 },
		{ clear: true, grams: 10 }
	];
	const target = previewTone(raw, parts, demi).lab;

	it('are found where three are needed, and thirds never make it worse', () => {
		const solve = (maxShades: number) =>
			solveTone({ raw, target, shelf, conditions: demi, totalGrams: 30, maxShades })[0]!;
		expect(solve(3).score).toBeLessThanOrEqual(solve(2).score + 1e-9);
		expect(solve(2).score).toBeLessThanOrEqual(solve(1).score + 1e-9);
		expect(solve(1).shadeIds).toHaveLength(1);
		expect(gramsOf(solve(3).parts)).toBe(30);
	});
	it('agree with exhaustive search over a small shelf in whole grams', () => {
		const few = [
			...shades(['V'], [9]),
			...shades(['G'], [8]),
			...shades(['N'], [7]),
			...shades(['P'], [8])
		];
		const total = 12;
		const [best] = solveTone({ raw, target, shelf: few, conditions: demi, totalGrams: total });
		let least = Infinity;
		const try4 = (g: readonly number[]) => {
			const tubes = few.flatMap((shade, i) => (g[i]! > 0 ? [{ ...shade, grams: g[i]! }] : []));
			if (tubes.length === 0 || tubes.length > 3) return;
			const clear = total - gramsOf(tubes);
			const { lab } = previewTone(raw, [...tubes, { clear: true, grams: clear }], demi);
			// What the search holds against a mix is at least its distance and its tubes.
			least = Math.min(least, deltaE(lab, target) + 0.4 * (tubes.length - 1));
		};
		for (let a = 0; a <= total; a++)
			for (let b = 0; a + b <= total; b++)
				for (let c = 0; a + b + c <= total; c++)
					for (let d = 0; a + b + c + d <= total; d++) try4([a, b, c, d]);
		expect(best!.deltaE + 0.4 * (best!.shadeIds.length - 1)).toBeLessThan(least + 1.5);
		expect(best!.deltaE).toBeLessThan(3);
	});
	it('add a concentrate by the gram, beside the shades and never past a quarter', () => {
		const copper = targetLab({ level: 8, direction: 'copper', keepWarmth: 0.6 }, rawLab(raw));
		const boosted = [...shades(['N'], [7, 8, 9]), ...shades(['C', 'R'], [7], 'concentrate')];
		const solve = (of: readonly ShelfShade[]) =>
			solveTone({ raw, target: copper, shelf: of, conditions: demi, totalGrams: 40 });
		const best = solve(boosted)[0]!;
		const concentrate = best.parts.find((part) => !isClear(part) && part.form === 'concentrate');
		expect(concentrate!.grams).toBeLessThanOrEqual(10);
		expect(best.deltaE).toBeLessThan(solve(shades(['N'], [7, 8, 9]))[0]!.deltaE);
		for (const { parts } of solve(boosted)) {
			expect(
				parts.filter((part) => !isClear(part) && part.form === 'concentrate').length
			).toBeLessThan(2);
		}
	});
	it('reach a colour picked from a picture', () => {
		const rose = { l: 60, a: 12, b: 18 };
		const [best] = solveTone({ raw, target: rose, shelf, conditions: demi, totalGrams: 30 });
		expect(best!.deltaE).toBeLessThan(deltaE(rawLab(raw), rose));
	});
});

describe('two-step toning', () => {
	const raw = rawAt(9.4);
	const target = targetLab({ level: 9.1, direction: 'pearl', keepWarmth: 0.2 }, rawLab(raw));
	const problem = { raw, target, shelf, conditions: demi, totalGrams: 30 };

	it('takes yellow-orange first with blue-violet, then finishes with violet', () => {
		const two = finish(solveTwoStepSteps(problem))!;
		expect(dyesIn(two.first)).toContain('violet');
		expect(dyesIn(two.first)).toContain('blue');
		expect(dyesIn(two.second)[0]).toBe('violet');
		expect(chromaOf(two.between)).toBeLessThan(chromaOf(rawLab(raw)));
		expect(chromaOf(two.second.lab)).toBeLessThan(chromaOf(two.between));
		expect(two.deltaE).toBeLessThan(deltaE(rawLab(raw), target));
	});
	it('is not offered where the shelf has nothing for the first step', () => {
		expect(
			finish(solveTwoStepSteps({ ...problem, shelf: shades(['G', 'C'], [8]) }))
		).toBeUndefined();
	});
});

describe('zones', () => {
	it('each get what their own start asks for', () => {
		const red = { pigment: pigmentOnPath(2, 'neutral', 3.8) };
		const zones = [
			{ raw: red, level: levelOf(rawLab(red)) },
			{ raw: rawAt(9), level: 8.6 }
		].map(({ raw, level }) => ({
			raw,
			target: targetLab({ level, direction: 'neutral', keepWarmth: 1 / 3 }, rawLab(raw)),
			conditions: demi,
			totalGrams: 30
		}));
		const [dropouts, lengths] = zones.map((zone) => solveTone({ ...zone, shelf, most: 3 }));
		expect(dropouts!.flatMap(dyesIn)).toContain('green');
		expect(dropouts!.flatMap(dyesIn)).not.toContain('violet');
		expect(dyesIn(lengths![0]!)).toContain('violet');
	});
	it('a root shadow lies just above the natural level', () => {
		expect(rootShadowLevel(5)).toBeGreaterThan(5);
		expect(rootShadowLevel(5)).toBeLessThan(6);
	});
});

describe('time, weeks and the way back', () => {
	const ash: FormulaPart[] = [{ level: 8, tone: 'A', grams: 30 }];

	it('a wipe check shows the toner deepen, and says when it has to be off', () => {
		const course = toneCourse(rawAt(10), ash, demi, 25);
		expect(course[0]!.lab).toEqual(rawLab(rawAt(10)));
		course.slice(1).forEach((moment, i) => {
			expect(moment.level).toBeLessThanOrEqual(course[i]!.level + 1e-9);
		});
		const past = overToned(course)!;
		expect(past.minute).toBeGreaterThan(0);
		expect(past.minute).toBeLessThan(20);
		expect(overToned(toneCourse(rawAt(9), [{ clear: true, grams: 30 }], demi, 25))).toBeUndefined();
	});
	it('week by week the undertone comes back', () => {
		const raw = rawAt(9);
		const violet: FormulaPart[] = [{ level: 9, tone: 'V', grams: 30 }];
		const weeks = fadeByWeek(raw, violet, demi, { washesPerWeek: 3 }, 8);
		expect(weeks).toHaveLength(9);
		expect(weeks[0]!.left).toBe(1);
		expect(weeks[0]!.lab).toEqual(previewTone(raw, violet, demi).lab);
		weeks.slice(1).forEach(({ lab, left }, i) => {
			expect(left).toBeLessThan(weeks[i]!.left);
			expect(chromaOf(lab)).toBeGreaterThan(chromaOf(weeks[i]!.lab));
		});
		const kept = fadeByWeek(raw, violet, demi, { washesPerWeek: 3, violetPerWeek: 1 }, 8);
		expect(chromaOf(kept[8]!.lab)).toBeLessThan(chromaOf(weeks[8]!.lab));
		expect(kept[0]!.lab).toEqual(weeks[0]!.lab);
	});
	it('violet maintenance does next to nothing for orange', () => {
		const raw = rawAt(6.3);
		const habit = { washesPerWeek: 3, violetPerWeek: 1 };
		const [, ...weeks] = fadeByWeek(raw, [{ clear: true, grams: 30 }], demi, habit, 6);
		expect(Math.abs(hueOf(weeks.at(-1)!.lab) - hueOf(rawLab(raw)))).toBeLessThan(1.5);
	});
	it('pale hair is filled with warmth before it goes more than three levels deeper', () => {
		const path = (level: number) => labOfPigment(pigmentOnPath(3, 'neutral', level));
		const problem = { shelf, conditions: demi, totalGrams: 40 };
		const filler = fillerFor(rawAt(10), 6, path, problem);
		expect(filler.needed).toBe(true);
		expect(['orange', 'yellow', 'red']).toContain(dyesIn(filler.formulas[0]!)[0]);
		expect(hueOf(filler.formulas[0]!.lab)).toBeLessThan(hueOf(rawLab(rawAt(10))));
		expect(fillerFor(rawAt(10), 8, path, problem).needed).toBe(false);
		expect(fillerFor({ pigment: naturalPigment(7, 'neutral') }, 3, path, problem).needed).toBe(
			false
		);
	});
	it('a demi with 10 vol takes stronger than with a toning developer', () => {
		const raw = rawAt(9);
		const parts: FormulaPart[] = [{ level: 8, tone: 'V', grams: 30 }];
		const at = (developerVolume: number) => previewTone(raw, parts, { ...demi, developerVolume });
		expect(at(10).level).toBeLessThan(at(6).level);
		expect(at(6).lab).toEqual(previewTone(raw, parts, demi).lab);
	});
	it('white fibres keep a dye of their own', () => {
		const raw = { pigment: naturalPigment(5, 'neutral'), whiteShare: 0.5 };
		const stained = rawLab({ ...raw, dyeOnWhite: { brown: 1 } });
		expect(stained.l).toBeLessThan(rawLab(raw).l);
		expect(rawLab({ ...raw, dye: {}, dyeOnWhite: {} })).toEqual(rawLab(raw));
		expect(labOf(reflectance(absorbance(0, 0))).l).toBeGreaterThan(rawLab(raw).l);
	});
});

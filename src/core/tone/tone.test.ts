import { namedTones, tubeDyes } from './tube';
import { tradeLevel } from './formula';
import { dyesIn } from '../../testing/dyesIn';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { chromaOf, deltaE, levelOf, undertoneOf, type Lab } from '../colour';
import { labOfPigment, naturalPigment } from '../hair';
import { pigmentOnPath } from '../lift';
import { DIRECTIONS } from '../vocabulary';
import {
	addDyes,
	depositOf,
	depositShares,
	DYE_NAMES,
	fadeDyes,
	nearestMinute,
	parseTone,
	previewTone,
	rawLab,
	scaleDyes,
	targetLab,
	turnedTo,
	warmthKept,
	type DepositConditions,
	type Direction,
	type FormulaPart,
	type Vehicle
} from '.';
import type { ShelfShade } from '../toner/search';
import { solveTone } from '../toner/solve';

const demi: DepositConditions = { vehicle: 'demi', ratio: 2, minutes: 20 };
const rawAt = (level: number) => ({ pigment: pigmentOnPath(4, 'neutral', level) });
const LETTERS = ['N', 'V', 'B', 'A', 'G', 'C', 'M', 'P', 'R', 'VV', 'NA', 'NM', 'BV'];
const shelf: ShelfShade[] = [3, 4, 5, 6, 7, 8, 9, 10].flatMap((level) =>
	LETTERS.map((tone) => ({ id: `${level}${tone}`, level, tone, vehicle: 'demi' }))
);
const aim = (
	level: number,
	raw: Lab,
	direction: 'neutral' | 'ash' | 'beige' | 'gold' = 'neutral',
	keepWarmth = 1 / 3
) => targetLab({ level, direction, keepWarmth }, raw);

describe('tone codes', () => {
	it('reads one letter, doubled, with N, and a pair', () => {
		expect(parseTone('N', 'demi')).toEqual({ base: 1, tones: [] });
		expect(parseTone('NN', 'demi')).toEqual(parseTone('N', 'demi'));
		expect(parseTone('v', 'demi')?.tones).toEqual([{ family: 'V', share: 0.78 }]);
		expect(parseTone('V', 'permanent')?.base).toBe(0.6);
		expect(parseTone('VV', 'demi')?.base).toBe(0.05);
		expect(parseTone('NA', 'demi')?.tones).toEqual([{ family: 'A', share: 0.49 }]);
		expect(parseTone('B', 'demi')).toMatchObject({ base: 0.32 });
		expect(parseTone('BB', 'demi')).toMatchObject({ base: 0.05 });
		expect(parseTone('AN', 'demi')).toEqual(parseTone('NA', 'demi'));
		expect(parseTone('VB', 'demi')?.tones.map(({ family }) => family)).toEqual(['V', 'B']);
	});

	it.each(['', 'X', 'VX', 'VBA', '1'])('refuses "%s"', (code) => {
		expect(parseTone(code, 'demi')).toBeUndefined();
		expect(() => tubeDyes({ level: 9, tone: code }, 'demi')).toThrow(RangeError);
	});
});

describe('laws of toning', () => {
	const anyPart = fc.record({
		level: fc.integer({ min: 4, max: 10 }),
		tone: fc.constantFrom(...LETTERS),
		grams: fc.integer({ min: 1, max: 60 })
	});
	const anyConditions = fc.record({
		vehicle: fc.constantFrom<Vehicle[]>('permanent', 'demi', 'gloss', 'rapid', 'direct'),
		ratio: fc.double({ min: 0.5, max: 3, noNaN: true }),
		minutes: fc.double({ min: 0, max: 60, noNaN: true }),
		porosity: fc.constantFrom<('low' | 'normal' | 'high')[]>('low', 'normal', 'high')
	});

	it('toner never lightens, on any hair, in any time', () => {
		fc.assert(
			fc.property(
				fc.double({ min: 4, max: 10.5, noNaN: true }),
				fc.array(anyPart, { minLength: 1, maxLength: 3 }),
				anyConditions,
				fc.double({ min: 0, max: 1, noNaN: true }),
				(level, parts, conditions, whiteShare) => {
					const raw = { ...rawAt(level), whiteShare };
					// Its level may rise a little, as warmth that counted as depth goes; its lightness never does.
					expect(previewTone(raw, parts, conditions).lab.l).toBeLessThanOrEqual(
						rawLab(raw).l + 1e-9
					);
				}
			)
		);
	});

	it.each([7, 7.5, 8, 8.5, 9, 9.5, 10])(
		'a demi neutraliser of the hair’s own level keeps it: raw %s moves by 0.45 at most',
		(level) => {
			const against = { 7: 'B', 8: 'BV', 9: 'V', 10: 'V' }[Math.round(level)]!;
			const parts = [{ level: Math.round(level), tone: against, grams: 30 }];
			const raw = { pigment: pigmentOnPath(3, 'neutral', level) };
			const { levelShift, lab } = previewTone(raw, parts, demi);
			expect(Math.abs(levelShift)).toBeLessThanOrEqual(0.45);
			expect(chromaOf(lab)).toBeLessThan(0.8 * chromaOf(rawLab(raw)));
		}
	);

	it('no word names the ash of a natural shade, and it fights with nothing', () => {
		expect(namedTones({ level: 7, tone: 'N' }, 'demi')).toEqual({});
		expect(namedTones({ level: 7, tone: 'NN' }, 'permanent')).toEqual({});
		expect(tubeDyes({ level: 7, tone: 'N' }, 'demi').blue!).toBeGreaterThan(0);
		expect(DYE_NAMES.filter((name) => namedTones({ level: 7, tone: 'NA' }, 'demi')[name])).toEqual([
			'violet',
			'blue',
			'green'
		]);
	});

	it('the brown base settles 1.75 times as deep as the tone, each up to 0.95', () => {
		const weak = depositShares({ vehicle: 'demi', ratio: 2, minutes: 1000 });
		expect(weak.brown / weak.tone).toBeCloseTo(1.75, 9);
		const strong = depositShares({ vehicle: 'permanent', ratio: 1, minutes: 1000 });
		expect(strong).toEqual({ tone: 0.95, brown: 0.95 });
	});

	it('unlightened hair takes less: 1 - 0.35 E/(E + 1) of it', () => {
		const at = (eumelanin: number) => depositShares(demi, eumelanin).tone;
		expect(at(1) / at(0)).toBeCloseTo(1 - 0.35 / 2, 9);
		expect(at(3) / at(0)).toBeCloseTo(1 - (0.35 * 3) / 4, 9);
	});

	it('blends add up: a mixture leaves the weight mean of its parts, and clear dilutes', () => {
		fc.assert(
			fc.property(anyPart, anyPart, fc.integer({ min: 0, max: 60 }), (one, two, clear) => {
				const { pigment } = rawAt(8);
				const whole = one.grams + two.grams + clear;
				const mixed = depositOf([one, two, { clear: true, grams: clear }], pigment, demi);
				const apart = addDyes(
					scaleDyes(depositOf([one], pigment, demi), one.grams / whole),
					depositOf([two], pigment, demi),
					two.grams / whole
				);
				for (const [name, amount] of Object.entries(apart)) {
					expect(mixed[name as keyof typeof mixed] ?? 0).toBeCloseTo(amount, 9);
				}
			})
		);
	});

	it('names a blend by the weight mean of its levels, but colours it deeper', () => {
		const parts: FormulaPart[] = [
			{ level: 6, tone: 'N', grams: 7 },
			{ level: 9, tone: 'N', grams: 3 }
		];
		expect(tradeLevel(parts)).toBeCloseTo(6.9, 9);
		expect(tradeLevel([{ clear: true, grams: 10 }])).toBeUndefined();
		const blend = previewTone(rawAt(10), parts, demi).level;
		const alone = previewTone(rawAt(10), [{ level: 6.9, tone: 'N', grams: 10 }], demi).level;
		expect(blend).toBeLessThan(alone);
	});

	it('hair below the stop band holds half, porous hair grabs more', () => {
		const brown = (extra: Partial<DepositConditions>) =>
			depositOf([{ level: 8, tone: 'N', grams: 30 }], rawAt(9).pigment, { ...demi, ...extra })
				.brown!;
		expect(brown({ condition: 30 })).toBeCloseTo(brown({}) / 2, 9);
		expect(brown({ porosity: 'high' })).toBeGreaterThan(brown({}));
	});

	it('fades towards the undertone, and blue outlasts violet', () => {
		const dyes = { violet: 1, blue: 1 };
		const later = fadeDyes(dyes, 'demi', 14);
		expect(later.violet!).toBeLessThan(later.blue!);
		expect(fadeDyes(dyes, 'demi', 0)).toEqual(dyes);
		expect(fadeDyes(dyes, 'demi', 14, 'high').blue!).toBeLessThan(later.blue!);
	});
});

describe('what holds', () => {
	const pale = { eumelanin: 0.05, pheomelanin: 0.4 };
	const dye = (change: Partial<DepositConditions>): number =>
		Object.values(
			depositOf([{ level: 9, tone: 'V', grams: 30 }], pale, { ...demi, ...change })
		).reduce((sum, amount) => sum + amount, 0);
	it.each([
		['natural red', { naturalRed: true }, 0.8],
		['coarse hair', { texture: 'coarse' }, 0.9],
		['hair past bearing', { condition: 39 }, 0.5],
		['hair at the edge of it', { condition: 40 }, 1],
		['hair that had little today', { doseToday: 8 }, 1],
		['hair that had much today', { doseToday: 10 }, 0.75],
		['hair that had too much today', { doseToday: 12.5 }, 0.5],
		['hair that had too much, past bearing', { doseToday: 20, condition: 30 }, 0.5],
		['hair that resists', { porosity: 'low' }, 0.85]
	] as const)('%s takes its share', (_, change, share) => {
		expect(dye(change) / dye({})).toBeCloseTo(share, 6);
	});
});

describe('warnings', () => {
	it('warns of green when ash meets pale yellow', () => {
		const { warnings, lab } = previewTone(rawAt(10), [{ level: 8, tone: 'A', grams: 30 }], demi);
		expect(lab.a).toBeLessThan(0);
		expect(warnings.map(({ code }) => code)).toContain('greenCast');
	});
	it('says when it goes much too dark, and says nothing of a gentle toner', () => {
		expect(
			previewTone(rawAt(10), [{ level: 5, tone: 'N', grams: 30 }], demi).warnings.map(
				({ code }) => code
			)
		).toContain('tooDark');
		expect(
			previewTone(
				rawAt(9),
				[
					{ level: 10, tone: 'V', grams: 10 },
					{ clear: true, grams: 20 }
				],
				demi
			).warnings
		).toEqual([]);
	});
});

describe('when no toner is the answer', () => {
	const solve = (raw: number, level: number, direction: Direction) =>
		solveTone({
			raw: rawAt(raw),
			target: targetLab(
				{ level, direction, keepWarmth: warmthKept(direction) },
				rawLab(rawAt(raw))
			),
			shelf,
			conditions: demi,
			totalGrams: 30
		});
	it('hair that is too deep wants more lift, and is told what would serve until then', () => {
		const [first, until] = solve(7, 9, 'ash');
		expect(first).toMatchObject({ parts: [], why: { kind: 'moreLift' } });
		expect(until).toMatchObject({ untilLifted: true });
		expect(until!.parts.length).toBeGreaterThan(0);
		expect(chromaOf(until!.lab)).toBeLessThan(chromaOf(rawLab(rawAt(7))));
		expect(until!.deltaE).toBeGreaterThan(4);
	});
	it('hair that is pale enough is toned, even half a level deeper than was asked', () => {
		const pearl = solve(9.8, 10, 'pearl');
		expect(pearl[0]!.parts.length).toBeGreaterThan(0);
		expect(dyesIn(pearl[0]!)[0]).toBe('violet');
		expect(pearl[0]!.level).toBeGreaterThan(9.3);
		expect(pearl.every(({ parts }) => parts.length > 0)).toBe(true);
	});
	it('hair that is there already may be left alone', () => {
		expect(solve(7, 6.9, 'copper').some(({ parts }) => parts.length === 0)).toBe(false);
		const there = solveTone({
			raw: rawAt(9),
			target: rawLab(rawAt(9)),
			shelf,
			conditions: demi,
			totalGrams: 30
		});
		expect(there[0]).toMatchObject({ parts: [], why: { kind: 'alreadyThere' } });
	});
});

describe('search for a formula', () => {
	const solve = (level: number, target: (raw: Lab) => Lab, extra: object = {}) => {
		const raw = rawAt(level);
		return solveTone({
			raw,
			target: target(rawLab(raw)),
			shelf,
			conditions: demi,
			totalGrams: 30,
			...extra
		});
	};

	it('gives whole grams that add up to the weight asked for, with the developer', () => {
		for (const formula of solve(9, (raw) => aim(8.5, raw))) {
			if (formula.parts.length === 0) continue;
			expect(formula.parts.every(({ grams }) => Number.isInteger(grams) && grams > 0)).toBe(true);
			expect(formula.parts.reduce((sum, { grams }) => sum + grams, 0)).toBe(30);
			expect(formula.developerGrams).toBe(60);
		}
	});

	it.each([
		['pale yellow', 10, ['violet']],
		['yellow', 9, ['violet']],
		['yellow-orange', 7.8, ['violet', 'blue']],
		['orange', 6.3, ['blue', 'violet']],
		['red', 3.8, ['green']]
	] as const)('takes what an expert takes first for %s', (name, level, dyes) => {
		const raw = { pigment: pigmentOnPath(2, 'neutral', level) };
		expect(undertoneOf(rawLab(raw)).name).toBe(name);
		const [best] = solveTone({
			raw,
			target: aim(level, rawLab(raw)),
			shelf,
			conditions: demi,
			totalGrams: 30
		});
		expect(dyes).toContain(dyesIn(best!)[0]);
		const percents = best!.why.kind === 'dyes' ? best!.why.shares.map((one) => one.percent) : [];
		expect(percents).toEqual(percents.toSorted((p, q) => q - p));
		expect(chromaOf(best!.lab)).toBeLessThan(chromaOf(rawLab(raw)));
	});

	it('agrees with exhaustive search over every pair in whole grams', () => {
		const raw = rawAt(9);
		const target = aim(8.5, rawLab(raw));
		const few = shelf.filter(({ level, tone }) => level >= 8 && ['V', 'VV', 'N'].includes(tone));
		const totalGrams = 16;
		const [best] = solveTone({ raw, target, shelf: few, conditions: demi, totalGrams });
		let least = Infinity;
		for (const one of few) {
			for (const two of few) {
				for (let g1 = 1; g1 <= totalGrams; g1++) {
					for (let g2 = 0; g1 + g2 <= totalGrams; g2++) {
						const parts: FormulaPart[] = [
							{ ...one, grams: g1 },
							{ ...two, grams: g2 },
							{ clear: true, grams: totalGrams - g1 - g2 }
						];
						const { lab, level } = previewTone(raw, parts, demi);
						const tubes = g2 > 0 && one !== two ? 0.4 : 0;
						const dark = 2 * Math.max(0, 8.5 - level - 0.25);
						least = Math.min(least, deltaE(lab, target) + tubes + dark);
					}
				}
			}
		}
		expect(best!.score).toBeLessThan(least + 0.05);
	});

	it('offers formulas that differ', () => {
		const formulas = solve(9, (raw) => aim(8.5, raw));
		const names = formulas.map(({ parts }) => JSON.stringify(parts));
		expect(new Set(names).size).toBe(names.length);
		expect(formulas.length).toBeGreaterThan(1);
	});

	it('says when no toner is needed, and offers none that would change next to nothing', () => {
		const formulas = solve(9, (raw) => raw);
		expect(formulas.map(({ parts }) => parts.length)).toEqual([0]);
		expect(formulas[0]!.why).toEqual({ kind: 'alreadyThere' });
		const lighter = solve(7, (raw) => aim(8, raw, 'gold', 0.9));
		for (const { score, parts } of lighter.slice(0, -1)) {
			expect(parts.length).toBeGreaterThan(0);
			expect(score).toBeLessThan(lighter.at(-1)!.score - 1);
		}
		expect(lighter.at(-1)).toMatchObject({ parts: [], why: { kind: 'asCloseAsItIs' } });
	});

	it('is empty for a shelf without the vehicle and refuses no weight', () => {
		expect(
			solve(9, (raw) => aim(9, raw), { shelf: shelf.map((s) => ({ ...s, vehicle: 'gloss' })) })
		).toEqual([]);
		expect(() => solve(9, (raw) => raw, { totalGrams: 0 })).toThrow(RangeError);
	});

	it('evens out white hair with two populations', () => {
		const raw = { ...rawAt(8), whiteShare: 0.5 };
		const [best] = solveTone({
			raw,
			target: aim(8, rawLab(raw)),
			shelf,
			conditions: demi,
			totalGrams: 30
		});
		expect(levelOf(best!.lab)).toBeLessThanOrEqual(levelOf(rawLab(raw)));
	});
});

describe('targets', () => {
	it('keeps all warmth at 1, natural at a third, less at 0', () => {
		const raw = rawLab(rawAt(9));
		const all = targetLab({ level: 9, direction: 'neutral', keepWarmth: 1 }, raw);
		expect(all.a).toBeCloseTo(raw.a, 9);
		const [none, third] = [0, 1 / 3].map((keepWarmth) =>
			targetLab({ level: 9, direction: 'neutral', keepWarmth }, raw)
		);
		expect(chromaOf(none!)).toBeLessThan(chromaOf(third!));
		expect(chromaOf(third!)).toBeLessThan(chromaOf(all));
	});
	it.each([
		['silver', 0, 2],
		['violet', 4, -3],
		['rose', 14, 6]
	] as const)('%s stands in a place of its own and moves to the raw lift', (direction, a, b) => {
		const raw = rawLab(rawAt(9));
		const at = (keepWarmth: number) => targetLab({ level: 9, direction, keepWarmth }, raw);
		expect(at(0)).toMatchObject({ a, b });
		expect(at(1).a).toBeCloseTo(raw.a, 9);
		expect(at(0.5).b).toBeCloseTo((b + raw.b) / 2, 9);
	});
	it('have the depth of their level, and are never as light as raw hair of it', () => {
		for (const direction of DIRECTIONS) {
			for (const level of [6, 7, 8, 9, 10]) {
				const raw = rawLab({ pigment: pigmentOnPath(3, 'neutral', level) });
				for (const keepWarmth of [0, 1 / 3, 1]) {
					const lab = targetLab({ level, direction, keepWarmth }, raw);
					expect(lab.l).toBeLessThanOrEqual(raw.l - 2 + 0.5);
					if (lab.l < raw.l - 2.5) expect(levelOf(lab)).toBeCloseTo(level, 6);
					else expect(levelOf(lab)).toBeLessThanOrEqual(level + 0.02);
				}
			}
		}
	});
	it('silver has less chroma than natural hair, at every level', () => {
		for (const level of [6, 7, 8, 9, 10]) {
			const raw = rawLab(rawAt(level));
			const silver = targetLab({ level, direction: 'silver', keepWarmth: 0.1 }, raw);
			expect(chromaOf(silver)).toBeLessThan(
				chromaOf(labOfPigment(naturalPigment(level, 'neutral')))
			);
		}
	});
	it('keep a third of the warmth unless that would hide the tone', () => {
		expect(['neutral', 'ash', 'gold', 'copper'].map((d) => warmthKept(d as Direction))).toEqual(
			Array(4).fill(1 / 3)
		);
		expect(['pearl', 'violet', 'silver', 'rose'].map((d) => warmthKept(d as Direction))).toEqual(
			Array(4).fill(0.1)
		);
		const warm = { direction: 'gold', keepWarmth: 0.7 } as const;
		expect(turnedTo<{ direction: Direction; keepWarmth: number }>(warm, 'copper').keepWarmth).toBe(
			0.7
		);
		expect(turnedTo<{ direction: Direction; keepWarmth: number }>(warm, 'silver').keepWarmth).toBe(
			0.1
		);
	});
});

describe('the minute at which a toner is nearest', () => {
	const lab = (l: number) => ({ l, a: 0, b: 20 });
	const course = [80, 76, 72, 70, 69.99].map((l, minute) => ({
		minute,
		lab: lab(l),
		level: 9,
		warnings: []
	}));
	it('is that of the least difference; what no eye tells apart takes the shorter time', () => {
		expect(nearestMinute(course, lab(76))).toBe(1);
		expect(nearestMinute(course, lab(60))).toBe(3);
		expect(nearestMinute(course, lab(90))).toBe(0);
	});
});

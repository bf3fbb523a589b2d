import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { chromaOf, deltaE, levelOf, undertoneOf, type Lab } from '../colour';
import { pigmentOnPath } from '../lift';
import {
	addDyes,
	depositOf,
	fadeDyes,
	parseTone,
	previewTone,
	rawLab,
	scaleDyes,
	solveTone,
	targetLab,
	tradeLevel,
	tubeDyes,
	type DepositConditions,
	type FormulaPart,
	type ShelfShade,
	type Vehicle
} from '.';

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
		expect(parseTone('v', 'demi')?.tones).toEqual([{ family: 'V', share: 0.8 }]);
		expect(parseTone('V', 'permanent')?.base).toBe(0.6);
		expect(parseTone('VV', 'demi')?.base).toBe(0.05);
		expect(parseTone('NA', 'demi')?.tones).toEqual([{ family: 'A', share: 0.35 }]);
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
					expect(previewTone(raw, parts, conditions).levelShift).toBeLessThanOrEqual(1e-9);
				}
			)
		);
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
			target: aim(level - 0.7, rawLab(raw), 'neutral', 0.5),
			shelf,
			conditions: demi,
			totalGrams: 30
		});
		const strongest = /Tone of (\w+)/.exec(best!.why)?.[1];
		expect(dyes, best!.why).toContain(strongest);
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
		const lighter = solve(7, (raw) => aim(8, raw, 'gold', 0.9));
		for (const { score, parts } of lighter.slice(0, -1)) {
			expect(parts.length).toBeGreaterThan(0);
			expect(score).toBeLessThan(lighter.at(-1)!.score - 1);
		}
		expect(lighter.length).toBeGreaterThan(0);
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
		expect(levelOf(best!.lab.l)).toBeLessThanOrEqual(levelOf(rawLab(raw).l));
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
	it('silver goes straight to grey', () => {
		expect(
			targetLab({ level: 9, direction: 'silver', keepWarmth: 1 }, rawLab(rawAt(9)))
		).toMatchObject({ a: 0, b: 2 });
	});
});

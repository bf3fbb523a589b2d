import { describe, expect, it } from 'vitest';
import { naturalPigment, type Texture } from '../hair';
import type { Fibre } from '../lift';
import { finish } from '../steps';
import { calibrationOf, judgeSalonSteps } from '.';
import { expectedOf, type LevelLook } from './look';
import { readersOf } from './readers';

const start: Fibre = { ...naturalPigment(4, 'neutral'), layers: [] };
function look(texture: Texture, minutes: number, rate: number, off = 0): LevelLook {
	const plain: LevelLook = {
		fibre: start,
		applications: [{ product: 'powder', volume: 20, ratio: 2, minutes, placement: 'foil' }],
		factors: { naturalLevel: 4, texture },
		condition: 100,
		minutes,
		seen: 0
	};
	return { ...plain, seen: expectedOf(plain, rate) + off };
}
/** A head with as many visits as it has rates, a year apart. */
const head = (id: string, texture: Texture, rates: readonly number[], reader = 'A') => ({
	id,
	visits: rates.map((rate, i) => ({
		id: `${id} ${i}`,
		year: i / 10,
		reader,
		looks: [20, 35].map((minutes) => look(texture, minutes, rate))
	}))
});

describe('what a salon’s records say of its predictions', () => {
	it('each look is predicted with what had been taught by then, and no more', () => {
		const { looks } = finish(judgeSalonSteps([head('a', 'medium', [0.7, 0.7, 0.7])]));
		expect(looks.map(({ taughtBy }) => taughtBy)).toEqual([0, 0, 1, 1, 2, 2]);
		const errors = looks.map(({ seen, expected }) => Math.abs(seen - expected));
		expect(errors[2]!).toBeLessThan(errors[0]!);
		expect(errors[4]!).toBeLessThan(errors[2]!);
		for (const { low, expected, high } of looks)
			expect(low < expected && expected < high).toBe(true);
		const widths = looks.map(({ low, high }) => high - low);
		expect(widths[4]!).toBeLessThan(widths[0]!);
	});
	it('tells how many lie inside, and how hopeful it was', () => {
		const judged = [
			{ seen: 8, expected: 8.5, low: 8, high: 9 },
			{ seen: 7, expected: 8.5, low: 8, high: 9 }
		];
		expect(calibrationOf(judged)).toMatchObject({ looks: 2, inside: 0.5, bias: -1, biasSd: 0.5 });
		expect(calibrationOf(judged)!.error).toBeCloseTo(Math.sqrt((0.25 + 2.25) / 2), 9);
		expect(calibrationOf([])).toBeUndefined();
	});
	it('a texture that is slower here is fitted, with its gain on heads left out', () => {
		const slow = Array.from({ length: 8 }, (_, i) =>
			head(`slow ${i}`, 'coarse', [0.78 + 0.01 * i, 0.8])
		);
		const [fit] = finish(judgeSalonSteps(slow)).fits;
		expect(fit).toMatchObject({ texture: 'coarse', heads: 8, published: 0.82, worth: true });
		expect(fit!.fitted).toBeLessThan(0.76);
		expect(fit!.errorAfter).toBeLessThan(fit!.errorBefore);
	});
	it('nothing is fitted from too few heads, nor offered where the published rate holds', () => {
		const few = [0, 1, 2].map((i) => head(`few ${i}`, 'fine', [0.7]));
		expect(finish(judgeSalonSteps(few)).fits).toEqual([]);
		const right = Array.from({ length: 8 }, (_, i) =>
			head(`right ${i}`, 'fine', [i % 2 ? 1.1 : 0.92])
		);
		expect(finish(judgeSalonSteps(right)).fits[0]!.worth).toBe(false);
	});
});

describe('the eyes of a salon', () => {
	const looks = (reader: string, head: string, off: number, count: number) =>
		Array.from({ length: count }, () => ({ reader, head, residual: off }));
	it('lie apart as far as they read the same heads apart, drawn together where few looks say so', () => {
		const many = readersOf([...looks('Ivo', 'a', 0.3, 40), ...looks('Wenna', 'a', 0, 40)]);
		const few = readersOf([...looks('Ivo', 'a', 0.3, 4), ...looks('Wenna', 'a', 0, 4)]);
		const ivo = (all: typeof many) => all.find(({ reader }) => reader === 'Ivo')!;
		expect(ivo(many).off).toBeGreaterThan(0.25);
		expect(ivo(few).off).toBeLessThan(ivo(many).off);
		expect(ivo(few).sd).toBeGreaterThan(ivo(many).sd);
		expect(many.find(({ reader }) => reader === 'Wenna')!.off).toBeLessThan(-0.25);
	});
	it('heads that one of them read alone say nothing of an eye, nor do three looks', () => {
		expect(readersOf([...looks('Ivo', 'a', 0.3, 9), ...looks('Wenna', 'b', 0, 9)])).toEqual([]);
		expect(readersOf([...looks('Ivo', 'a', 0.3, 3), ...looks('Wenna', 'a', 0, 3)])).toEqual([]);
	});
});

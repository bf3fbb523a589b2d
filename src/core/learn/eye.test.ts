import { describe, expect, it } from 'vitest';
import { levelOf, undertoneOf } from '../colour';
import { chanceOf } from '../numeric';
import { labLiftedTo } from '../practice/draw';
import { eyeByHue, eyeOffset, LEAST_EYE_LOOKS, type EyeLook } from './eye';

/** Looks of an eye that reads some hair lighter than it is. */
function looksOf(count: number, off: (undertone: string) => number, noise = 0.3): EyeLook[] {
	const chance = chanceOf(12);
	return Array.from({ length: count }, (_, i): EyeLook => {
		const reader = labLiftedTo(4.5 + (i % 11) / 2, 3, 'neutral');
		const { name } = undertoneOf(reader);
		return {
			level: levelOf(reader) + off(name) + chance.normal(noise),
			undertone: 'yellow',
			reader,
			picture: { ...reader, l: reader.l + 4 }
		};
	});
}

describe('an eye beside a reader', () => {
	it('is told hue by hue, with its direction; pictures beside it', () => {
		const looks = looksOf(66, (name) => (name === 'orange' ? 0.8 : -0.3));
		const rows = eyeByHue(looks, 'person');
		expect(rows.reduce((sum, row) => sum + row.looks, 0)).toBe(66);
		const orange = rows.find(({ undertone }) => undertone === 'orange')!;
		expect(orange.off).toBeCloseTo(0.8, 0);
		expect(orange.sd!).toBeGreaterThan(0.15);
		// Named yellow, two places on.
		expect(orange.hueOff).toBe(2);
		for (const row of rows) if (row.undertone !== 'orange') expect(row.off).toBeLessThan(0.1);
		for (const row of eyeByHue(looks, 'picture')) {
			expect(row.off).toBeGreaterThan(0.2);
			expect(Math.abs(row.hueOff!)).toBeLessThan(1);
		}
	});
	it('without an instrument says nothing; the ring stands in for a reader, a picture for both', () => {
		expect(eyeByHue([{ level: 7 }], 'person')).toEqual([]);
		expect(eyeByHue([{ level: 7, ring: 6, undertone: 'orange' }], 'person')).toMatchObject([
			{ undertone: 'orange', off: 1, sd: undefined }
		]);
		const picture = labLiftedTo(8, 3, 'neutral');
		expect(eyeByHue([{ level: 9, picture }], 'person')[0]!.off).toBeCloseTo(1, 1);
		expect(eyeByHue([{ level: 9, picture }], 'picture')).toEqual([]);
	});
	it('corrects nothing before enough was looked at, then what it is off, drawn to none', () => {
		const light = looksOf(60, () => 0.6);
		expect(eyeOffset(light.slice(0, LEAST_EYE_LOOKS - 1), 'orange')).toBeUndefined();
		const some = eyeOffset(light.slice(0, LEAST_EYE_LOOKS), 'green')!;
		const all = eyeOffset(light, 'green')!;
		expect(some).toBeGreaterThan(0.1);
		expect(some).toBeLessThan(all + 0.15);
		expect(Math.abs(all - 0.6)).toBeLessThan(0.12);
		const turned = looksOf(88, (name) => (name === 'orange' ? 0.9 : 0));
		expect(eyeOffset(turned, 'orange')!).toBeGreaterThan(eyeOffset(turned, 'yellow')! + 0.3);
	});
});

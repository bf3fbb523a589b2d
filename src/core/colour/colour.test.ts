import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
	absorbance,
	chromaOf,
	deltaE,
	depthOf,
	depthOfLevel,
	emptySpectrum,
	hexOf,
	hueOf,
	labOf,
	levelOf,
	levelOfDepth,
	lightnessOfDepth,
	mixWithWhite,
	NEUTRAL_WARMTH,
	reflectance,
	undertoneOf
} from '.';
import { pathMean } from './reflectance';

const amount = fc.double({ min: 0, max: 60, noNaN: true });

describe('reflectance', () => {
	it('from the table agrees with the plain formula, beyond its end too', () => {
		fc.assert(
			fc.property(fc.double({ min: 0, max: 80, noNaN: true }), (a) => {
				const flat = emptySpectrum().fill(a);
				const bare = reflectance(emptySpectrum());
				const got = reflectance(flat);
				got.forEach((value, i) => {
					const keratin = bare[i]! - 0.018;
					expect(Math.abs(value - (0.018 + keratin * pathMean(a)))).toBeLessThan(3e-6);
				});
			})
		);
	});

	it('falls with every pigment, so that more is never lighter', () => {
		fc.assert(
			fc.property(amount, amount, fc.double({ min: 0.01, max: 5, noNaN: true }), (e, p, more) => {
				const before = labOf(reflectance(absorbance(e, p))).l;
				expect(labOf(reflectance(absorbance(e + more, p))).l).toBeLessThan(before);
				expect(labOf(reflectance(absorbance(e, p + more))).l).toBeLessThan(before);
			})
		);
	});

	it('of a mixture lies between its fibres, and deeper than their mean', () => {
		const dark = reflectance(absorbance(8, 0.6));
		const white = reflectance(absorbance(0, 0));
		const mixed = labOf(mixWithWhite(dark, white, 0.5)).l;
		expect(mixed).toBeGreaterThan(labOf(dark).l);
		expect(mixed).toBeLessThan((labOf(dark).l + labOf(white).l) / 2);
	});
});

describe('levels', () => {
	it('go there and back, between the rungs and beyond them', () => {
		fc.assert(
			fc.property(fc.double({ min: 0, max: 13, noNaN: true }), (level) => {
				expect(levelOfDepth(depthOfLevel(level))).toBeCloseTo(level, 9);
			})
		);
	});
	it('are those of the lightness for colours no warmer than natural hair', () => {
		for (const [a, b] of [
			[0, 0],
			[-4, 2],
			[4, -10]
		] as const) {
			expect(levelOf({ l: 55, a, b })).toBeCloseTo(8, 9);
			expect(lightnessOfDepth(55, a, b)).toBeCloseTo(55, 6);
		}
	});
	it('count warmth past that of natural hair of the same lightness as depth, 0.45 for a unit', () => {
		const along = (w: number) => ({
			l: 65.5,
			a: w * Math.cos((70 * Math.PI) / 180),
			b: w * Math.sin((70 * Math.PI) / 180)
		});
		expect(depthOf(along(40)) - depthOf(along(50))).toBeCloseTo(4.5, 9);
		expect(depthOf(along(10))).toBe(65.5);
	});
	it('neutral natural hair has the depth of its lightness', () => {
		for (const eumelanin of [0.3, 1, 2, 4, 8, 12]) {
			const lab = labOf(reflectance(absorbance(eumelanin, NEUTRAL_WARMTH * eumelanin)));
			expect(Math.abs(depthOf(lab) - lab.l)).toBeLessThan(0.01);
		}
	});
	it('the lightness of a depth is found again, for any warmth', () => {
		fc.assert(
			fc.property(
				fc.double({ min: 15, max: 90, noNaN: true }),
				fc.double({ min: -10, max: 30, noNaN: true }),
				fc.double({ min: -10, max: 50, noNaN: true }),
				(depth, a, b) => {
					expect(depthOf({ l: lightnessOfDepth(depth, a, b), a, b })).toBeCloseTo(depth, 6);
				}
			)
		);
	});
	it('take a salon’s own ladder in place of the default', () => {
		const own = [10, 20, 30, 40, 50, 60, 70, 80, 85, 90];
		expect(levelOf({ l: 55, a: 0, b: 0 }, own)).toBeCloseTo(5.5, 9);
		expect(depthOfLevel(5.5, own)).toBe(55);
	});
});

describe('undertones', () => {
	it.each([
		[50, 'red', 'green'],
		[62, 'red-orange', 'blue-green'],
		[70, 'orange', 'blue'],
		[76, 'yellow-orange', 'blue-violet'],
		[82, 'yellow', 'violet'],
		[90, 'pale yellow', 'violet'],
		[120, 'green', 'red']
	])('hue %d° is %s, and %s stands against it', (hue, name, neutraliser) => {
		const angle = (hue * Math.PI) / 180;
		const lab = { l: 60, a: 30 * Math.cos(angle), b: 30 * Math.sin(angle) };
		expect(undertoneOf(lab)).toMatchObject({ name, neutraliser });
		expect(hueOf(lab)).toBeCloseTo(hue, 6);
		expect(chromaOf(lab)).toBeCloseTo(30, 6);
	});
	it('are not named where hardly any colour is left', () => {
		expect(undertoneOf({ l: 90, a: 1, b: 6 })).toMatchObject({ name: 'none', neutraliser: 'none' });
	});
});

describe('colours on a screen', () => {
	it('are hex, clipped to what it can show', () => {
		expect(hexOf({ l: 100, a: 0, b: 0 })).toBe('#ffffff');
		expect(hexOf({ l: 50, a: 0, b: 0 })).toBe('#777777');
		expect(hexOf({ l: 60, a: 90, b: 90 })).toMatch(/^#[0-9a-f]{6}$/);
	});
	it('differ by nothing from themselves, and plainly from their opposites', () => {
		const lab = { l: 60, a: 10, b: 40 };
		expect(deltaE(lab, lab)).toBe(0);
		expect(deltaE(lab, { l: 60, a: 10, b: -40 })).toBeGreaterThan(30);
	});
});

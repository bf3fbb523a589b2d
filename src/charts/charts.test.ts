import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { handAt, liftChart, momentAt, type ChartMoment } from './lift/liftChart';
import { paintStrand, turnPixels } from './strand/paint';
import { deltaE, labOfTristimulus, rgbOf, tristimulusOfLinear, type Rgb } from '../core/colour';
import { labOfPigment, naturalPigment } from '../core/hair';
import { pigmentOnPath } from '../core/lift';
import { targetLab, warmthKept } from '../core/tone';
import { DIRECTIONS } from '../core/vocabulary';
import { weaveStrand } from './strand/weave';

const moments: ChartMoment[] = Array.from({ length: 31 }, (_, i) => ({
	minute: i * 2,
	level: 5 + 4 * (1 - Math.exp(-i / 10)),
	low: 4.7 + 3.6 * (1 - Math.exp(-i / 10)),
	high: 5.3 + 4.3 * (1 - Math.exp(-i / 10)),
	hex: '#aa8844',
	undertone: i < 1 ? 'neutral' : i < 4 ? 'orange' : i < 12 ? 'yellow-orange' : 'yellow'
}));

describe('lift chart', () => {
	const size = { width: 700, height: 330 };
	const chart = liftChart({
		moments,
		window: { from: 20, to: 34 },
		spent: 50,
		...size
	});

	it('turns a place back into its minute', () => {
		for (const minute of [0, 12.5, 38, 60])
			expect(chart.x.invert(chart.x(minute))).toBeCloseTo(minute, 9);
	});
	it('keeps every mark inside its frame, at any size', () => {
		fc.assert(
			fc.property(
				fc.integer({ min: 240, max: 1600 }),
				fc.integer({ min: 200, max: 800 }),
				fc.integer({ min: 0, max: 60 }),
				(width, height, minute) => {
					const drawn = liftChart({
						moments,
						window: { from: 20, to: undefined },
						spent: 50,
						width,
						height
					});
					for (const { x } of drawn.minutes) expect(x).toBeLessThanOrEqual(width);
					const hand = handAt(drawn, moments, minute);
					expect(hand.x).toBeLessThanOrEqual(drawn.plot.rightX + 1e-6);
					expect(hand.y).toBeGreaterThanOrEqual(drawn.plot.top - 1e-6);
					expect(drawn.window!.to).toBeLessThanOrEqual(drawn.plot.rightX + 1e-6);
					expect(drawn.window!.open).toBe(true);
				}
			)
		);
	});
	it('names each undertone once, and lets no two names touch', () => {
		expect(chart.undertones.map(({ text }) => text)).toEqual(['orange', 'yellow-orange', 'yellow']);
		const small = liftChart({
			moments,
			window: undefined,
			spent: 50,
			width: 300,
			height: 230
		});
		small.undertones.forEach((one, i) =>
			small.undertones.slice(i + 1).forEach((two) => {
				expect(Math.abs(one.x - two.x) >= 92 || Math.abs(one.y - two.y) >= 20).toBe(true);
			})
		);
	});
	it('tells other courses on the same axes, their names apart or left out', () => {
		const course = (start: number) =>
			moments.map(({ minute, level, hex }) => ({ minute, level: level + start, hex }));
		const tracks = ['root', 'ends', 'fringe', 'nape', 'back'].map((name, i) => ({
			name,
			moments: course(i * 0.02)
		}));
		const drawn = liftChart({ moments, tracks, window: undefined, spent: 50, ...size });
		expect(drawn.tracks.map(({ name }) => name)).toEqual(tracks.map(({ name }) => name));
		expect(drawn.names.length).toBeGreaterThan(0);
		expect(drawn.names.length).toBeLessThan(5);
		for (const [i, name] of drawn.names.entries()) {
			const above = drawn.names[i - 1];
			if (above) expect(name.y - above.y).toBeGreaterThanOrEqual(16);
			expect(name.x).toBeLessThanOrEqual(drawn.plot.rightX);
		}
		const longer = { name: 'B', moments: [{ minute: 90, level: 6, hex: '#aa8844' }] };
		const wide = liftChart({ moments, tracks: [longer], window: undefined, spent: 50, ...size });
		expect(wide.x(90)).toBeLessThanOrEqual(wide.plot.rightX + 1e-6);
	});
	it('reads the moment between two others', () => {
		expect(momentAt(moments, 3).level).toBeCloseTo((moments[1]!.level + moments[2]!.level) / 2, 9);
		expect(momentAt(moments, 0).level).toBe(5);
		expect(momentAt(moments, 999).minute).toBe(60);
	});
	it('does not draw from a single moment', () => {
		expect(() =>
			liftChart({ moments: moments.slice(0, 1), window: undefined, spent: 0, ...size })
		).toThrow(RangeError);
	});
});

describe('strand', () => {
	const weave = weaveStrand(320, 60, 3);
	const paint = (hair: readonly Rgb[], extra = {}) => {
		const pixels = new Uint8ClampedArray(weave.width * weave.height * 4);
		paintStrand(weave, { hair, ...extra }, pixels);
		return pixels;
	};
	/** Mean colour where hair covers the field, within a span of columns. */
	const mean = (pixels: Uint8ClampedArray, from: number, to: number) => {
		const sum = [0, 0, 0];
		let count = 0;
		for (let y = 0; y < weave.height; y++) {
			for (let x = from; x < to; x++) {
				const at = y * weave.width + x;
				if (weave.cover[at]! < 250) continue;
				for (let k = 0; k < 3; k++) sum[k]! += pixels[at * 4 + k]!;
				count++;
			}
		}
		return sum.map((value) => value / count);
	};

	it('is always the same for a seed, and another for another', () => {
		expect(weaveStrand(120, 30, 5)).toEqual(weaveStrand(120, 30, 5));
		expect(weaveStrand(120, 30, 5).shade).not.toEqual(weaveStrand(120, 30, 6).shade);
	});
	it('covers its body with hair and thins out to the tips', () => {
		const cover = (from: number, to: number) => {
			let sum = 0;
			for (let y = 0; y < weave.height; y++)
				for (let x = from; x < to; x++) sum += weave.cover[y * weave.width + x]!;
			return sum / ((to - from) * weave.height * 255);
		};
		expect(cover(100, 200)).toBeGreaterThan(0.6);
		expect(cover(305, 320)).toBeLessThan(0.35);
	});
	it('shows the colour it was given, on the whole', () => {
		const [r, g, b] = mean(
			paint([
				[0.7, 0.5, 0.3],
				[0.7, 0.5, 0.3]
			]),
			20,
			280
		);
		expect(r! / 255).toBeGreaterThan(0.55);
		expect(r! / 255).toBeLessThan(0.9);
		expect(g! / r!).toBeCloseTo(5 / 7, 1);
		expect(b! / r!).toBeCloseTo(3 / 7, 1);
	});
	it.each([
		[320, 60],
		[128, 56],
		[60, 40]
	])('gives off the light of its own colour, at %s × %s pixels', (width, height) => {
		const own = weaveStrand(width, height, 5);
		const linear = (v: number) => (v <= 0.04045 ? v / 12.92 : ((v + 0.055) / 1.055) ** 2.4);
		const raw = (level: number) => labOfPigment(pigmentOnPath(3, 'neutral', level));
		const colours = [
			...[1, 3, 5, 7, 9, 10].map((level) => labOfPigment(naturalPigment(level, 'neutral'))),
			...[5, 6, 7, 8, 9, 10].map(raw),
			...DIRECTIONS.flatMap((direction) =>
				[6, 8, 10].map((level) =>
					targetLab({ level, direction, keepWarmth: warmthKept(direction) }, raw(level))
				)
			)
		];
		for (const lab of colours) {
			const pixels = new Uint8ClampedArray(width * height * 4);
			paintStrand(own, { hair: [rgbOf(lab)] }, pixels);
			const sum = [0, 0, 0];
			let count = 0;
			own.cover.forEach((cover, at) => {
				if (cover < 250) return;
				count++;
				for (let k = 0; k < 3; k++) sum[k]! += linear(pixels[at * 4 + k]! / 255);
			});
			const [r, g, b] = sum.map((value) => value / count) as [number, number, number];
			expect(deltaE(labOfTristimulus(tristimulusOfLinear(r, g, b)), lab)).toBeLessThan(2.5);
		}
	});
	it('is coloured point by point along its length', () => {
		const pixels = paint([
			[0.2, 0.15, 0.1],
			[0.9, 0.8, 0.6]
		]);
		expect(mean(pixels, 10, 60)[0]!).toBeLessThan(mean(pixels, 240, 290)[0]! * 0.6);
	});
	it('mixes in white fibres by their share', () => {
		const hair: Rgb[] = [[0.2, 0.15, 0.1]];
		const lightness = (whiteShare: number) =>
			mean(
				paint(hair, { apart: [{ colours: [[0.9, 0.9, 0.85]], share: whiteShare }] }),
				20,
				280
			)[0]!;
		expect(lightness(0.5)).toBeGreaterThan(lightness(0.2));
		expect(lightness(0.2)).toBeGreaterThan(lightness(0));
	});
	it('turns without losing a pixel', () => {
		const from = new Uint8ClampedArray(new Uint32Array([1, 2, 3, 4, 5, 6]).buffer);
		const to = new Uint8ClampedArray(24);
		turnPixels(from, 3, 2, to);
		expect([...new Uint32Array(to.buffer)]).toEqual([4, 1, 5, 2, 6, 3]);
	});
});

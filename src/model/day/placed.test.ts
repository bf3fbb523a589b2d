import { describe, expect, it } from 'vitest';
import type { TONE_TECHNIQUES } from '../../core/vocabulary';
import { demoShelf } from '../demo/shelf';
import { plainAim } from '../commands/newVisit';
import { colourCost } from '../visit/dayBowls';
import { placingsOf, reachOf } from './placed';

const READING = { naturalLevel: 5, lengthCm: 30, endsCm: 4 };
const AIM = { ...plainAim(), level: 9, direction: 'beige' as const, keepWarmth: 0.4 };
const of = (technique: (typeof TONE_TECHNIQUES)[number], aim = AIM) =>
	placingsOf(technique, READING, aim);

describe('what a technique puts where', () => {
	it('a root shadow is three quarters of a level off what grows, to half a level, over three centimetres', () => {
		expect(of('rootShadow')).toEqual([
			{ place: 'root', cm: 3, aim: { level: 6, direction: 'neutral', keepWarmth: 1 / 3 } }
		]);
	});
	it('it is as deep and as far as the aim asks, where that says so', () => {
		const [root] = of('rootShadow', { ...AIM, rootDepth: { level: 5, cm: 7 } });
		expect(root).toMatchObject({ cm: 7, aim: { level: 5 } });
	});
	it('melts lie between root and rest, and lean as the rest does', () => {
		expect(of('meltOfTwo')).toMatchObject([
			{ place: 'root', cm: 10, aim: { level: 7.5, direction: 'beige' } }
		]);
		expect(of('meltOfThree')).toMatchObject([
			{ place: 'root', cm: 3, aim: { level: 6 } },
			{ place: 'middle', cm: 15, aim: { level: 7.5, direction: 'beige' } }
		]);
	});
	it('tips are a level deeper, a face frame half a level lighter, the others as the rest', () => {
		expect(of('tippedEnds')).toMatchObject([{ place: 'ends', cm: 5, aim: { level: 8 } }]);
		expect(of('faceFrame')).toMatchObject([{ place: 'faceFrame', aim: { level: 9.5 } }]);
		expect(of('dropouts')).toMatchObject([{ aim: { level: 5, direction: 'neutral' } }]);
		for (const technique of ['panel', 'whiteHair', 'glaze'] as const)
			expect(of(technique)).toMatchObject([{ aim: { level: 9, direction: 'beige' } }]);
	});
	it('never reaches past the hair, nor aims past the scale', () => {
		const short = placingsOf('tippedEnds', { ...READING, lengthCm: 3 }, AIM);
		expect(short[0]!.cm).toBe(3);
		expect(of('faceFrame', { ...AIM, level: 12 })[0]!.aim.level).toBe(12);
		expect(of('tippedEnds', { ...AIM, level: 1 })[0]!.aim.level).toBe(1);
	});
	it('only what goes along the strand reaches from an end of it', () => {
		expect(reachOf({ place: 'root', cm: 3 })).toEqual({ from: 'scalp', cm: 3 });
		expect(reachOf({ place: 'middle', cm: 9 })).toEqual({ from: 'scalp', cm: 9 });
		expect(reachOf({ place: 'ends', cm: 5 })).toEqual({ from: 'tips', cm: 5 });
		expect(reachOf({ place: 'panel' })).toBeUndefined();
	});
});

it('a bowl of 30 g of colour and 45 g of developer costs what the salon pays for 100 g of each', () => {
	const shelf = demoShelf(new Date('2026-03-02T10:00:00Z'));
	const parts = [{ name: '9V', level: 9, tone: 'V', grams: 30 }];
	expect(colourCost(parts, 45, shelf)).toBeCloseTo(0.3 * 14 + 0.45 * 1.2, 9);
	const { costs, ...unpriced } = shelf;
	expect(costs).toBeDefined();
	expect(colourCost(parts, 45, unpriced)).toBeUndefined();
});

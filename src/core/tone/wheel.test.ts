import { describe, expect, it } from 'vitest';
import { DIRECTIONS } from '../vocabulary';
import { DYE_NAMES } from './dyes';
import { nearestTone } from './nearestTarget';
import { rawLab } from './preview';
import { dyePulls } from './pulls';
import { targetLab } from './target';

const YELLOW = { pigment: { eumelanin: 0.05, pheomelanin: 0.7 } };

describe('the wheel of hair', () => {
	it('every dye pulls to its own side', () => {
		const pulls = new Map(dyePulls(YELLOW, DYE_NAMES).map((pull) => [pull.dye, pull]));
		const of = (dye: (typeof DYE_NAMES)[number]) => pulls.get(dye)!;
		for (const dye of ['violet', 'blue'] as const) expect(of(dye).b).toBeLessThan(-2);
		for (const dye of ['red', 'orange'] as const) expect(of(dye).a).toBeGreaterThan(0.5);
		expect(of('green').a).toBeLessThan(-1);
		expect(of('yellow').b).toBeGreaterThan(0.5);
		expect(of('violet').a).toBeGreaterThan(of('blue').a);
	});
	it('a place that an aim means is read as that aim, at every level', () => {
		for (const level of [6, 8, 10]) {
			const untoned = rawLab(YELLOW);
			for (const direction of DIRECTIONS) {
				const aim = { level, direction, keepWarmth: 0.25 };
				const found = nearestTone(targetLab(aim, untoned), level, untoned);
				const off = targetLab({ level, ...found }, untoned);
				const meant = targetLab(aim, untoned);
				expect(Math.hypot(off.a - meant.a, off.b - meant.b)).toBeLessThan(0.6);
			}
		}
	});
	it('further towards the raw hair keeps more of the warmth', () => {
		const untoned = rawLab(YELLOW);
		const neutral = (keepWarmth: number) =>
			nearestTone(targetLab({ level: 9, direction: 'neutral', keepWarmth }, untoned), 9, untoned);
		expect(neutral(0.8).keepWarmth).toBeGreaterThan(neutral(0.4).keepWarmth);
	});
});

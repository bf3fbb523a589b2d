import { DIRECTIONS } from '../vocabulary';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { deltaE } from '../colour';
import { pigmentOnPath } from '../lift';
import { addDyes, fadeDyes, idealDyes, nearestTarget, rawLab, targetLab, type RawHair } from '.';

const lifted = (level: number): RawHair => ({ pigment: pigmentOnPath(5, 'neutral', level) });
const toned = (raw: RawHair, dye: RawHair['dye']) => rawLab({ ...raw, dye });

describe('ideal dyes', () => {
	it('find the colour again that known dyes gave', () => {
		const raw = lifted(9);
		for (const dye of [{ violet: 0.12 }, { blue: 0.06, red: 0.03 }, { brown: 0.4, violet: 0.05 }]) {
			const target = toned(raw, dye);
			expect(deltaE(toned(raw, idealDyes(raw, target)), target)).toBeLessThan(0.5);
		}
	});
	it('lay nothing where the hair is there already, and cannot make it lighter', () => {
		const raw = lifted(8);
		expect(idealDyes(raw, rawLab(raw))).toEqual({});
		const pale = rawLab(lifted(10));
		expect(toned(raw, idealDyes(raw, pale)).l).toBeLessThanOrEqual(rawLab(raw).l + 1e-6);
	});
	it('never bring hair further from the aim than it was, and fade back towards it', () => {
		const directions = fc.constantFrom(...DIRECTIONS);
		fc.assert(
			fc.property(
				fc.double({ min: 7, max: 10, noNaN: true }),
				fc.double({ min: 0.25, max: 1.5, noNaN: true }),
				directions,
				fc.double({ min: 0, max: 1, noNaN: true }),
				(level, room, direction, keepWarmth) => {
					const raw = lifted(level);
					const target = targetLab({ level: level - room, direction, keepWarmth }, rawLab(raw));
					const dye = idealDyes(raw, target);
					expect(deltaE(toned(raw, dye), target)).toBeLessThanOrEqual(
						deltaE(rawLab(raw), target) + 1e-6
					);
					const faded = fadeDyes(dye, 'demi', 200);
					expect(deltaE(toned(raw, addDyes(faded, {})), rawLab(raw))).toBeLessThan(1);
				}
			),
			{ numRuns: 40 }
		);
	});
});

describe('the nearest aim to a colour', () => {
	const untonedAt = (level: number) => rawLab(lifted(Math.max(5.2, level)));
	it('finds its own words again', () => {
		for (const direction of DIRECTIONS) {
			const aim = { level: 8.5, direction, keepWarmth: 0.3 };
			const found = nearestTarget(targetLab(aim, untonedAt(8.5)), untonedAt);
			expect(found.level).toBe(8.5);
			expect(found.deltaE).toBeLessThan(0.3);
		}
	});
	it('says how far off the words are, and keeps to the scale', () => {
		const teal = nearestTarget({ l: 60, a: -30, b: -20 }, untonedAt);
		expect(teal.deltaE).toBeGreaterThan(10);
		expect(nearestTarget({ l: 99, a: 0, b: 2 }, untonedAt).level).toBeLessThanOrEqual(12);
		expect(nearestTarget({ l: 1, a: 0, b: 0 }, untonedAt).level).toBeGreaterThanOrEqual(1);
	});
});

import { describe, expect, it } from 'vitest';
import { levelOf, NEUTRALISERS, undertoneOf } from '../colour';
import { rawLab } from '../tone';
import { pigmentOnPath } from './start';
import { seenHair } from './seen';

describe('lightened hair as a person saw it', () => {
	it('is the point of its own path where nobody named it, or named it so', () => {
		const plain = { pigment: pigmentOnPath(5, 'neutral', 8), dye: {} };
		expect(seenHair(5, 'neutral', 8)).toEqual(plain);
		expect(undertoneOf(rawLab(plain)).name).toBe('yellow-orange');
		expect(seenHair(5, 'neutral', 8, 'yellow-orange')).toEqual(plain);
	});
	it.each([
		[6, 'red-orange'],
		[7, 'yellow-orange'],
		[8, 'yellow'],
		[8, 'orange'],
		[9, 'pale yellow'],
		[9, 'yellow-orange'],
		[9.8, 'yellow']
	] as const)('of level %d that is called %s shows that, at that level', (level, name) => {
		const lab = rawLab(seenHair(5, 'neutral', level, name));
		expect(undertoneOf(lab).name).toBe(name);
		expect(undertoneOf(lab).neutraliser).toBe(NEUTRALISERS[name]);
		expect(levelOf(lab)).toBeCloseTo(level, 1);
	});
	it('stays on its path where no warmth would bring the name', () => {
		expect(seenHair(5, 'neutral', 5, 'pale yellow')).toEqual(seenHair(5, 'neutral', 5));
		expect(seenHair(5, 'neutral', 8, 'none')).toEqual(seenHair(5, 'neutral', 8));
	});
});

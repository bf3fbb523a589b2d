import { describe, expect, it } from 'vitest';
import { undertoneOf } from '../colour';
import { pigmentOnPath } from '../lift';
import { describeLift, labOfPigment, naturalPigment, rawLightness, undertoneWord } from '.';

const from = { level: 5, naturalLevel: 5, warmth: 'golden', coloured: false } as const;
const raw = (level: number) => labOfPigment(pigmentOnPath(3, 'neutral', level));

describe('what lightened hair is called', () => {
	it('its own name until it is half a level lighter, then its undertone', () => {
		const lab = raw(5.4);
		expect(describeLift(lab, 5.4, from)).toBe('golden');
		expect(describeLift(lab, 5.5, from)).toBe(undertoneOf(lab).name);
	});
	it('hair that was lightened before has an undertone at once', () => {
		expect(describeLift(raw(9), 9, { ...from, level: 9 })).toBe('yellow');
	});
	it('old colour is named as colour until lightener shows what is under it', () => {
		const dark = { ...from, level: 3, coloured: true };
		expect(['cool', 'neutral', 'warm']).toContain(
			describeLift(labOfPigment(naturalPigment(3, 'neutral')), 3.2, dark)
		);
		expect(describeLift(raw(4), 4, dark)).toBe('red');
	});
	it('dark red is a red-brown', () => {
		expect(undertoneWord('red', 3)).toBe('red-brown');
		expect(undertoneWord('red', 4)).toBe('red');
		expect(undertoneWord('yellow', 3)).toBe('yellow');
	});
	it.each([
		[6, 43],
		[7, 54],
		[8, 64],
		[9, 73.5],
		[10, 82]
	])('raw hair of level %s stands at L* %s', (level, lightness) => {
		expect(Math.abs(rawLightness(level) - lightness)).toBeLessThan(0.6);
		expect(raw(level).l).toBeCloseTo(rawLightness(level), 3);
	});
});

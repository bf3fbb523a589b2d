import { describe, expect, it } from 'vitest';
import { pigmentOnPath } from '../../core/lift';
import { previewTone } from '../../core/tone';
import { shadeStrength } from './strength';

const line = { vehicle: 'demi', ratio: 2, minutes: 20 } as const;
const shade = { id: 's', code: '9-6', level: 9, tone: 'V' };
const swatch = (intensity: number) =>
	previewTone(
		{ pigment: pigmentOnPath(3, 'neutral', 9.5) },
		[{ level: 9, tone: 'V', intensity, grams: 10 }],
		line
	).lab;

describe('how strong a shade is', () => {
	it('comes back from the swatch that it toned', () => {
		expect(shadeStrength(line, shade, 9.5, swatch(1.6)).intensity).toBeCloseTo(1.6, 2);
		expect(shadeStrength(line, shade, 9.5, swatch(1.6)).believable).toBe(true);
	});
	it('is not believed of a colour that the shade cannot give', () => {
		expect(shadeStrength(line, shade, 9.5, { l: 45, a: 45, b: 40 }).believable).toBe(false);
	});
});

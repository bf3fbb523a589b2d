import { describe, expect, it } from 'vitest';
import { pigmentOnPath } from '../lift';
import { previewTone } from '../tone';
import { intensityOfSwatch } from './swatches';

describe('a shade’s own strength', () => {
	it.each([0.4, 1, 1.7, 2.6])('is found again from a toned swatch: %f', (intensity) => {
		const on = { pigment: pigmentOnPath(3, 'neutral', 9.5) };
		const shade = { level: 9, tone: 'V' };
		const conditions = { vehicle: 'demi', ratio: 2, minutes: 20 } as const;
		const swatch = previewTone(on, [{ ...shade, intensity, grams: 30 }], conditions).lab;
		const found = intensityOfSwatch(shade, on, conditions, swatch);
		expect(found.intensity).toBeCloseTo(intensity, 2);
		expect(found.deltaE).toBeLessThan(0.01);
	});
});

import { expect, it } from 'vitest';
import { servicePrice } from '.';

const rates = { perHour: 60, perApplication: 35 };
it('a visit is priced by its hours and applications, and by foils and grams where the salon says so', () => {
	const visit = { chairMinutes: 150, applications: 2, foils: 36, grams: 180 };
	expect(servicePrice(visit, rates)).toBe(220);
	expect(servicePrice(visit, { ...rates, perFoil: 1.5 })).toBe(274);
	expect(servicePrice(visit, { ...rates, perGram: 0.2 })).toBe(256);
	expect(
		servicePrice({ chairMinutes: 60, applications: 0 }, { ...rates, perFoil: 1, perGram: 1 })
	).toBe(60);
});

import { type Strain } from './condition';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { conditionBand, conditionCauses, endsCondition, startingCondition } from '.';

const sound: Strain = {
	lightenings: 0,
	relaxer: false,
	perm: false,
	heatHabit: false,
	stretch: 'springs',
	feel: 'smooth',
	ends: 'sound'
};
const anyStrain = fc.record<Strain>({
	lightenings: fc.integer({ min: 0, max: 8 }),
	relaxer: fc.boolean(),
	perm: fc.boolean(),
	heatHabit: fc.boolean(),
	stretch: fc.constantFrom('springs', 'slow', 'limp'),
	feel: fc.constantFrom('smooth', 'rough', 'gummy'),
	ends: fc.constantFrom('sound', 'dry', 'splitting')
});

describe('condition before the service', () => {
	it('is 100 for untouched hair, with nothing to explain', () => {
		expect(startingCondition(sound)).toBe(100);
		expect(conditionCauses(sound)).toEqual([]);
		expect(endsCondition(sound)).toBe(100);
	});
	it('is explained to the last point, largest cause first, and the ends are never better', () => {
		fc.assert(
			fc.property(anyStrain, (strain) => {
				const causes = conditionCauses(strain);
				const told = causes.reduce((sum, { points }) => sum + points, 0);
				expect(told).toBeCloseTo(100 - startingCondition(strain), 9);
				causes.slice(1).forEach(({ points }, i) => {
					expect(points).toBeLessThanOrEqual(causes[i]!.points);
				});
				expect(endsCondition(strain)).toBeLessThanOrEqual(startingCondition(strain));
			})
		);
	});
	it('gummy or limp hair is past lightening by itself', () => {
		expect(conditionBand(startingCondition({ ...sound, stretch: 'limp' }))).not.toBe('sound');
		expect(startingCondition({ ...sound, feel: 'gummy' })).toBeLessThan(55);
		expect(endsCondition({ ...sound, lightenings: 1, ends: 'splitting' })).toBeLessThan(55);
	});
});
